<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use Inertia\Inertia;
use Inertia\Response;

final class ShowSignIn
{
    public function __invoke(): Response
    {
        return Inertia::render('account/SignIn');
    }
}
