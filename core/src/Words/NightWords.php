<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Night\Caution;
use Kaddle\Core\Night\HouseRule;
use Kaddle\Core\Night\RuleKind;
use Kaddle\Core\Quantity\Length;

/**
 * What wants care in a moment and what a house forbids, in sentences.
 *
 * @phpstan-all-methods-pure
 */
final class NightWords
{
    private function __construct() {}

    public static function caution(Caution $caution, Voice $voice): string
    {
        return match ($caution) {
            Caution::Eyes => 'A baby is there: never fire near its eyes; bounce, or leave the flash off.',
            Caution::Near => sprintf(
                'Under %s: turn the head away from the eyes.',
                $voice->unit === LengthUnit::Metres ? 'a metre' : $voice->length(Length::ofMetres(Caution::CLOSE)),
            ),
            Caution::Epilepsy => 'Many pops in a row: ask the host whether anybody is photosensitive.',
            Caution::Flames => 'Open flames: keep head, gel and cloth away from them, and heed the house.',
            Caution::Animals => 'Animals: ask before you fire at all.',
            Caution::Floor => 'A moving floor: no stand and no cable where people dance, exits stay free, no step back without a look.',
            Caution::Walking => 'You may walk backwards: have somebody look out for you.',
            Caution::Hot => 'The head gets hot at this rate: rest it, or give it a stop of ISO.',
        };
    }

    /** With the hours in which it holds: "18:00–18:40 (Ceremony): No flash here now …". */
    public static function rule(HouseRule $rule, Voice $voice): string
    {
        return sprintf(
            '%s–%s%s: %s',
            $voice->time($rule->from),
            $voice->time($rule->to),
            $rule->note === '' ? '' : " ($rule->note)",
            match ($rule->kind) {
                RuleKind::NoFlash => 'No flash here now: set the room alone, and switch the unit off, not only down.',
                RuleKind::NoStands => 'No stands in here: keep the light on the camera or in a hand.',
                RuleKind::Quiet => 'Quiet: silent shutter, no beeps, no charging whine near the front.',
            },
        );
    }
}
