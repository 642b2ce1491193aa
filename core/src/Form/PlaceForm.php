<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\PatternKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Intake\TextKind;
use Kaddle\Core\Intake\ZoneKind;
use Kaddle\Core\Night\HouseRule;
use Kaddle\Core\Night\HouseRules;
use Kaddle\Core\Night\RuleKind;

/** A venue of the place book without its rooms. */
final class PlaceForm
{
    private function __construct() {}

    public static function shape(): Shape
    {
        return Shape::of(
            Field::needed('name', 'name', TextKind::line(120)),
            Field::needed('zone', 'time zone', new ZoneKind()),
            Field::needed(
                'latitude',
                'latitude',
                NumberKind::within(SunPosition::latitudeRange()),
                'North is positive.',
            ),
            Field::needed(
                'longitude',
                'longitude',
                NumberKind::within(SunPosition::longitudeRange()),
                'East is positive.',
            ),
            Field::optional('mains', 'mains', ChoiceKind::among(Mains::cases()), 'Lamps beat at twice its frequency.'),
            Field::optional('rules', 'house rules', PartKind::listOf(Shape::of(
                Field::needed('rule', 'rule', ChoiceKind::among(RuleKind::cases())),
                Field::needed('from', 'from', PatternKind::clock()),
                Field::needed('to', 'to', PatternKind::clock()),
                Field::optional('note', 'note', TextKind::line(120)),
            ), 'house rule', 20)),
        );
    }

    /** @param array<array-key, mixed> $rules as a place keeps them */
    public static function rulesKept(array $rules): HouseRules
    {
        return self::rules(self::shape()->stored(['rules' => $rules]));
    }

    /** What the house of a place forbids. */
    public static function rules(Record $place): HouseRules
    {
        return HouseRules::of(array_map(
            static fn(Record $r): HouseRule => HouseRule::of(
                $r->choice('rule', RuleKind::class),
                $r->text('from'),
                $r->text('to'),
                $r->has('note') ? $r->text('note') : '',
            ),
            $place->records('rules'),
        ));
    }
}
