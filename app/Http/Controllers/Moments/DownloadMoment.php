<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;

/** The stored moment as a document that `light solve` takes. */
final class DownloadMoment
{
    public function __invoke(Moment $moment): JsonResponse
    {
        $moment->load(['room', 'body', 'lens', 'flashUnit']);
        $name = Str::slug("$moment->name $moment->id");

        return (new JsonResponse($moment->document(), options: JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE))
            ->header('Content-Disposition', "attachment; filename=\"$name.json\"");
    }
}
