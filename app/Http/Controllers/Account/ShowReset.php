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
        $email = $request->query('email');

        return Inertia::render('account/Reset', ['token' => $token, 'email' => is_string($email) ? $email : '']);
    }
}
