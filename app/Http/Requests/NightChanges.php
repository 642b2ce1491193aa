<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Another name or date for a night, or for its copy. */
final class NightChanges extends FormRequest
{
    use DescribesNight;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::nightRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::nightMessages();
    }
}
