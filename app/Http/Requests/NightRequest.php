<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Night;
use Illuminate\Foundation\Http\FormRequest;

/** Name, place and date of a night. */
final class NightRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'place' => ['required', 'string', 'max:120'],
            'heldOn' => ['required', 'date_format:Y-m-d', 'after:1999-12-31', 'before:2100-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the night a name of at most 80 characters.',
            'place' => 'Say where it takes place, in at most 120 characters.',
            'heldOn' => 'Give a date between 2000 and 2099.',
        ];
    }

    /** A night of these figures, not stored yet. */
    public function night(): Night
    {
        return new Night([
            'name' => $this->string('name')->toString(),
            'place' => $this->string('place')->toString(),
            'held_on' => $this->string('heldOn')->toString(),
        ]);
    }
}
