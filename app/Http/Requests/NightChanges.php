<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Another name or date for a night, or for its copy. */
final class NightChanges extends FormRequest
{
    use GivesDate;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80', 'not_regex:/[<>]/'], 'heldOn' => self::heldOnRules()];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => 'Give the night a name of at most 80 characters, without < and >.', 'heldOn' => self::DATE];
    }

    /** @return array{name: string, held_on: string} */
    public function attributesOfNight(): array
    {
        return ['name' => $this->string('name')->toString(), 'held_on' => $this->string('heldOn')->toString()];
    }
}
