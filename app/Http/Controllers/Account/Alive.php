<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use Illuminate\Http\JsonResponse;

/** Nothing, for somebody who is signed in: what an answer costs before there is anything in it. */
final class Alive
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(new \stdClass());
    }
}
