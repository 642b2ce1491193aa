<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** The date of a night, as forms give it. */
trait GivesDate
{
    private const DATE = 'Give a date between 2000 and 2099.';

    /** @return list<string> */
    private static function heldOnRules(): array
    {
        return ['required', 'date_format:Y-m-d', 'after:1999-12-31', 'before:2100-01-01'];
    }
}
