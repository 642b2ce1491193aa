<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\SignInRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SignIn
{
    public function __invoke(SignInRequest $request): RedirectResponse
    {
        $credentials = ['email' => $request->address(), 'password' => $request->password()];
        if (!Auth::attempt($credentials, $request->boolean('remember'))) {
            throw ValidationException::withMessages(['email' => 'No account has this address and password.']);
        }
        $request->session()->regenerate();

        return redirect()->intended(route('nights.index'));
    }
}
