<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Download;
use App\Exchange\Exporter;
use App\Models\Venue;
use Illuminate\Http\JsonResponse;

final class ExportPlace
{
    public function __invoke(Venue $venue): JsonResponse
    {
        return Download::document($venue->name, Exporter::place($venue));
    }
}
