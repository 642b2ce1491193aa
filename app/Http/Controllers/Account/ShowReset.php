<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

final class ShowReset
{
    public function __invoke(Request $request, string $token): Response
    {
        return Inertia::render('account/Reset', [
            'token' => $token,
            'email' => $request->string('email')->toString(),
        ]);
    }
}
