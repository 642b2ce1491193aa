<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Night;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kaddle\Core\Plan\NightTemplate;

/** Name, place, date and pattern of a night. */
final class NightRequest extends FormRequest
{
    use GivesDate;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80', 'not_regex:/[<>]/'],
            'place' => ['required', 'string', 'max:120'],
            'heldOn' => self::heldOnRules(),
            'template' => ['nullable', Rule::enum(NightTemplate::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the night a name of at most 80 characters, without < and >.',
            'place' => 'Say where it takes place, in at most 120 characters.',
            'heldOn' => self::DATE,
            'template' => 'Choose one of the patterns, or none.',
        ];
    }

    /** A night of these figures, not stored yet. */
    public function night(): Night
    {
        return new Night(['name' => $this->string('name')->toString(), 'held_on' => $this->string('heldOn')->toString()]);
    }

    public function template(): ?NightTemplate
    {
        return $this->enum('template', NightTemplate::class);
    }
}
