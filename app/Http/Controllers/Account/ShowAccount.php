<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Accounts\AccountForm;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;

/** The account itself: how it is told things, its password, and where else it is open. */
final class ShowAccount
{
    public function __invoke(Request $request, #[CurrentUser] User $user): Response
    {
        return Inertia::render('account/Account', [
            'form' => AccountForm::voice()->form(),
            'elsewhere' => DB::table('sessions')->where('user_id', $user->id)->where(
                'id',
                '!=',
                $request->session()->getId(),
            )->count(),
        ]);
    }
}
