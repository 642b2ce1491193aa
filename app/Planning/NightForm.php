<?php

declare(strict_types=1);

namespace App\Planning;

use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Reading\ChoiceKind;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\PatternKind;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Reading\TextKind;

/** Name, date, place and pattern of a night, as forms give them. */
final class NightForm
{
    private function __construct() {}

    /** Name and date, for a night that is there. */
    public static function changes(): Shape
    {
        return Shape::of(
            Field::needed('name', 'name', TextKind::line(80)),
            Field::needed('heldOn', 'date', PatternKind::date()),
        );
    }

    /** All of it, for a new one; the zone is read with the venue. */
    public static function start(): Shape
    {
        return self::changes()->with(
            Field::needed('place', 'place', TextKind::line(120)),
            Field::optional('template', 'pattern', ChoiceKind::among(NightTemplate::cases())),
        );
    }
}
