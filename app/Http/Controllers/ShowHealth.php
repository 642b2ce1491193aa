<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Operations\Health;
use Illuminate\Http\JsonResponse;

/** Whether Kaddle can do its work, for whatever watches over it. */
final class ShowHealth
{
    public function __invoke(): JsonResponse
    {
        $parts = Health::parts();

        return new JsonResponse($parts, in_array(false, array_column($parts, 'well'), true) ? 503 : 200);
    }
}
