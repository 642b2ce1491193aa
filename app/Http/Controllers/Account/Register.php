<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\RegisterRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;

final class Register
{
    public function __invoke(RegisterRequest $request): RedirectResponse
    {
        $user = User::query()->create([
            'name' => $request->string('name')->toString(),
            'email' => $request->address(),
            'password' => $request->password(),
        ]);
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->route('nights.index');
    }
}
