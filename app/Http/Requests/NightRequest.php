<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Night;
use App\Rules\PlainText;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kaddle\Core\Plan\NightTemplate;

/** Name, place, date and pattern of a night. */
final class NightRequest extends FormRequest
{
    use DescribesNight;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::nightRules() + [
            'place' => ['required', new PlainText('place', 120)],
            'template' => ['nullable', Rule::enum(NightTemplate::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::nightMessages() + ['place.required' => 'Say where it takes place.', 'template' => 'Choose one of the patterns, or none.'];
    }

    /** A night of these figures, not stored yet. */
    public function night(): Night
    {
        return new Night($this->attributesOfNight());
    }

    public function template(): ?NightTemplate
    {
        return $this->enum('template', NightTemplate::class);
    }
}
