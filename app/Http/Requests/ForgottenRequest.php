<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The address of an account whose password is forgotten. */
final class ForgottenRequest extends FormRequest
{
    use GivesAddress;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:190'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email' => 'Give the mail address of the account.',
        ];
    }
}
