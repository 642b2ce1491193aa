<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Importer;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Exchange\DocumentReader;

/** What a document would change; stores nothing. The body of the request is the document. */
final class PreviewImport
{
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $document = DocumentReader::fromJson($request->getContent());

        return new JsonResponse(['format' => $document->kind->value, 'changes' => Importer::preview($user, $document)]);
    }
}
