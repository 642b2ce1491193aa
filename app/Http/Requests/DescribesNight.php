<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\PlainText;

/** Name and date of a night, as forms give them. */
trait DescribesNight
{
    /** @return array<string, list<mixed>> */
    private static function nightRules(): array
    {
        return [
            'name' => ['required', new PlainText('name', 80)],
            'heldOn' => ['required', 'date_format:Y-m-d', 'after:1999-12-31', 'before:2100-01-01'],
        ];
    }

    /** @return array<string, string> */
    private static function nightMessages(): array
    {
        return ['name.required' => 'Give the night a name.', 'heldOn' => 'Give a date between 2000 and 2099.'];
    }

    /** @return array{name: string, held_on: string} */
    public function attributesOfNight(): array
    {
        return ['name' => $this->string('name')->toString(), 'held_on' => $this->string('heldOn')->toString()];
    }
}
