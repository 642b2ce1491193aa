<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Download;
use App\Exchange\Exporter;
use App\Models\Night;
use Illuminate\Http\JsonResponse;

final class ExportNight
{
    public function __invoke(Night $night): JsonResponse
    {
        return Download::document($night->name, Exporter::night($night));
    }
}
