<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Wish\Pointing;

/** Where the head must point and its zoom must stand. */
final class HeadForm
{
    private function __construct() {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::optional(
                'head',
                'head direction',
                ChoiceKind::among(HeadAim::toChoose()),
                'Left out, the engine chooses.',
            ),
            Field::optional(
                'pointing',
                'angles of the head',
                PartKind::one(self::angles()),
                'Of a head that is turned by hand.',
            ),
            Field::optional(
                'zoom',
                'zoom of the head',
                NumberKind::within(ZoomStep::focalRange()),
                'Set by hand; left out, it follows the lens and the tilt.',
            ),
        ];
    }

    /** @return Pointing|null null after what forbids it was noted */
    public static function pointing(Record $document, FlashUnit $unit): ?Pointing
    {
        if (!$document->isSound('head', 'pointing', 'zoom')) {
            return null;
        }
        $aim = $document->has('head') ? $document->choice('head', HeadAim::class) : null;
        $zoom = $document->has('zoom') ? $document->number('zoom') : null;
        $range = self::zoomRange($unit);
        if ($zoom !== null && !$range->contains($zoom)) {
            $document->fault('zoom', OutOfRange::of('zoom of the head', $zoom, $range)->sentence());
        }
        if ($aim === HeadAim::ByHand) {
            return self::byHand($document, $zoom);
        }
        if ($document->has('pointing')) {
            $document->fault(
                'pointing',
                'Angles are for a head that is turned by hand; choose that, or leave them out.',
            );
        }
        if ($aim !== null && !in_array($aim, HeadAim::with($unit->outfit), true)) {
            $document->fault(
                'head',
                sprintf('Under a %s the head has no card to pull out.', $unit->outfit->modifier?->kind->inWords()),
            );
        }

        return $aim === null ? Pointing::free($zoom) : Pointing::at($aim, $zoom);
    }

    private static function byHand(Record $document, ?float $zoom): ?Pointing
    {
        if (!$document->has('pointing')) {
            $document->fault('pointing', '“pointing” must be an object with its fields.');

            return null;
        }
        $angles = $document->record('pointing');

        return Pointing::byHand(Angles::ofDegrees($angles->number('turn'), $angles->number('tilt')), $zoom);
    }

    public static function angles(): Shape
    {
        return Shape::of(
            Field::needed('turn', 'turn of the head', NumberKind::within(Angles::turnRange()), 'Left is above 0.'),
            Field::needed('tilt', 'tilt of the head', NumberKind::within(Angles::tiltRange()), 'Up from level.'),
        )->called('PointingDraft');
    }

    private static function zoomRange(FlashUnit $unit): Range
    {
        $steps = $unit->zoom->steps;

        return Range::between($steps[0]->focalLength, $steps[count($steps) - 1]->focalLength, 'mm', 1.0);
    }
}
