<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Night\RuleKind;
use Kaddle\Core\Reading\ChoiceKind;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\NumberKind;
use Kaddle\Core\Reading\PartKind;
use Kaddle\Core\Reading\PatternKind;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Reading\TextKind;
use Kaddle\Core\Reading\ZoneKind;

/** A venue of the place book without its rooms. */
final class PlaceForm
{
    private function __construct() {}

    public static function shape(): Shape
    {
        return Shape::of(
            Field::needed('name', 'name', TextKind::line(120)),
            Field::needed('zone', 'time zone', new ZoneKind()),
            Field::needed('latitude', 'latitude', NumberKind::within(SunPosition::latitudeLimits()), 'North is positive.'),
            Field::needed('longitude', 'longitude', NumberKind::within(SunPosition::longitudeLimits()), 'East is positive.'),
            Field::optional('mains', 'mains', ChoiceKind::among(Mains::cases()), 'Lamps beat at twice its frequency.'),
            Field::optional('rules', 'house rules', PartKind::listOf(Shape::of(
                Field::needed('rule', 'rule', ChoiceKind::among(RuleKind::cases())),
                Field::needed('from', 'from', PatternKind::clock()),
                Field::needed('to', 'to', PatternKind::clock()),
                Field::optional('note', 'note', TextKind::line(120)),
            ), 'house rule', 20)),
        );
    }
}
