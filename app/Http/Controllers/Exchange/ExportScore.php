<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Download;
use App\Models\Night;
use App\Pages\CardsPage;
use Illuminate\Http\JsonResponse;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** The score and its cards as `light night` tells them (score.schema.json). */
final class ExportScore
{
    public function __invoke(Night $night, KnownLights $known): JsonResponse
    {
        return Download::json("$night->name score", CardsPage::of($night, $known, Voice::plain())->score);
    }
}
