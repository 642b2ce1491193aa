<?php

declare(strict_types=1);

namespace App\Planning;

use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\PatternKind;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Intake\TextKind;
use Kaddle\Core\Night\NightTemplate;

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
