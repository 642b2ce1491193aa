<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Intake\TextKind;
use Kaddle\Core\Quantity\Range;

/** What lies in a bag, and what there is to know of each kind. */
enum PieceKind: string
{
    case Body = 'body';
    case Lens = 'lens';
    case Flash = 'flash';
    case Modifier = 'modifier';
    case Gel = 'gel';
    case Battery = 'battery';

    public function inWords(): string
    {
        return match ($this) {
            self::Body => 'body',
            self::Lens => 'lens',
            self::Flash => 'flash',
            self::Modifier => 'modifier',
            self::Gel => 'gel',
            self::Battery => 'batteries',
        };
    }

    /** Several of it: "flash units". */
    public function inPlural(): string
    {
        return match ($this) {
            self::Body => 'bodies',
            self::Lens => 'lenses',
            self::Flash => 'flash units',
            self::Modifier => 'modifiers',
            self::Gel => 'gels',
            self::Battery => 'batteries',
        };
    }

    /** What there is to say about a piece of this kind. */
    public function shape(): Shape
    {
        $figures = match ($this) {
            self::Body => BodyForm::piece()->checked(static function (Record $body): void {
                BodyForm::body($body, $body, 'name');
            }),
            self::Lens => LensForm::piece(),
            self::Flash => UnitForm::piece(),
            self::Modifier => OutfitForm::modifier(),
            self::Gel => OutfitForm::gel(),
            self::Battery => Shape::of(
                Field::needed('kind', 'kind of battery', ChoiceKind::among(BatteryKind::cases())),
                Field::needed(
                    'cells',
                    'cells carried',
                    NumberKind::whole(Range::between(1.0, 400.0, 'cells', 1.0)),
                    'All of them, counted one by one; a pack counts as one.',
                ),
            ),
        };

        return $figures->led(Field::needed('name', 'name', TextKind::line(80)));
    }
}
