<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** What a new account needs. */
final class RegisterRequest extends FormRequest
{
    use GivesAddress;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190', 'unique:users'],
            'password' => ['required', 'string', 'max:200', Password::defaults()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give your name, at most 80 characters.',
            'email.unique' => 'An account with this address exists. Sign in instead, or reset its password.',
            'email' => 'Give a mail address, like you@example.org.',
            'password' => 'Choose a password of at least 10 characters.',
        ];
    }
}
