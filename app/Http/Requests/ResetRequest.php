<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** A new password, with the token from the mail. */
final class ResetRequest extends FormRequest
{
    use GivesAddress;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'token' => ['required', 'string', 'max:200'],
            'email' => ['required', 'string', 'max:190'],
            'password' => ['required', 'string', 'max:200', Password::defaults()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'token' => 'The link is incomplete: open it from the mail once more.',
            'email' => 'Give the mail address of the account.',
            'password' => 'Choose a password of at least 10 characters.',
        ];
    }
}
