<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Importing;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a document would change; stores nothing. The body of the request is the document. */
final class PreviewImport
{
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return ShowProgress::of(Importing::begin($user, $request->getContent(), true));
    }
}
