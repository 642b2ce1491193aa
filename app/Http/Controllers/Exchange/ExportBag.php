<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Download;
use App\Exchange\Exporter;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class ExportBag
{
    public function __invoke(#[CurrentUser] User $user): JsonResponse
    {
        return Download::document('bag', Exporter::bag($user));
    }
}
