<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use Illuminate\Http\JsonResponse;
use Kaddle\Core\Exchange\DocumentKind;

/** The published JSON Schema of a kind of document, for whoever writes programs beside Kaddle. */
final class ShowSchema
{
    public function __invoke(DocumentKind $kind): JsonResponse
    {
        return new JsonResponse($kind->schema(), options: JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
