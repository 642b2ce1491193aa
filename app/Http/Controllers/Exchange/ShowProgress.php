<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Models\Import;
use App\Models\ImportState;
use Illuminate\Http\JsonResponse;

/** How far an import is, or what became of it. */
final class ShowProgress
{
    public function __invoke(Import $import): JsonResponse
    {
        return self::of($import);
    }

    public static function of(Import $import): JsonResponse
    {
        return match ($import->state) {
            ImportState::Taken => new JsonResponse($import->outcome),
            ImportState::Refused => new JsonResponse($import->outcome, JsonResponse::HTTP_UNPROCESSABLE_ENTITY),
            ImportState::Waiting, ImportState::Running => new JsonResponse(
                ['import' => $import->id, 'done' => $import->done, 'total' => $import->total],
                JsonResponse::HTTP_ACCEPTED,
            ),
        };
    }
}
