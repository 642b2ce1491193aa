<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use Illuminate\Http\JsonResponse;
use Kaddle\Core\Exchange\Schemas;

/** The published JSON Schema of a kind of document, for whoever writes programs beside Kaddle. */
final class ShowSchema
{
    public function __invoke(string $kind): JsonResponse
    {
        return new JsonResponse(
            Schemas::all()[$kind] ?? abort(404),
            options: JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }
}
