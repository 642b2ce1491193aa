<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Models\User;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** Asks whoever has opened the link for the password that was chosen. */
final class ShowConfirmation
{
    public function __invoke(Request $request, User $account): Response
    {
        return Inertia::render('account/Confirm', ['email' => $account->email, 'to' => $request->getRequestUri()]);
    }
}
