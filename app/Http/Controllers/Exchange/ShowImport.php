<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use Inertia\Inertia;
use Inertia\Response;

final class ShowImport
{
    public function __invoke(): Response
    {
        return Inertia::render('Import');
    }
}
