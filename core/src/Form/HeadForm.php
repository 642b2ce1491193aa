<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Reading\ChoiceKind;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\NumberKind;
use Kaddle\Core\Reading\PartKind;
use Kaddle\Core\Reading\Record;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Wish\Pointing;

/** Where the head must point and its zoom must stand. */
final class HeadForm
{
    private function __construct() {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::optional('head', 'head direction', ChoiceKind::among(HeadAim::cases()), 'Left out, the engine chooses.'),
            Field::optional('pointing', 'angles of the head', PartKind::one(self::angles()), 'Of a head that is turned by hand.'),
            Field::optional('zoom', 'zoom of the head', NumberKind::within(ZoomStep::focalLimits()), 'Set by hand; left out, it follows the lens and the tilt.'),
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
        $limits = self::zoomLimits($unit);
        if ($zoom !== null && !$limits->contains($zoom)) {
            $document->fault('zoom', OutOfRange::of('zoom of the head', $zoom, $limits)->sentence());
        }
        if ($aim === HeadAim::ByHand) {
            return self::byHand($document, $zoom);
        }
        if ($document->has('pointing')) {
            $document->fault('pointing', 'Angles are for a head that is turned by hand; choose that, or leave them out.');
        }
        if ($aim !== null && !in_array($aim, HeadAim::with($unit->outfit), true)) {
            $document->fault('head', sprintf('Under a %s the head has no card to pull out.', $unit->outfit->modifier?->kind->inWords()));
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

        return Pointing::byHand(Angles::of($angles->number('turn'), $angles->number('tilt')), $zoom);
    }

    private static function angles(): Shape
    {
        return Shape::of(
            Field::needed('turn', 'turn of the head', NumberKind::within(Angles::turnLimits()), 'Left is above 0.'),
            Field::needed('tilt', 'tilt of the head', NumberKind::within(Angles::tiltLimits()), 'Up from level.'),
        )->called('PointingDraft');
    }

    private static function zoomLimits(FlashUnit $unit): Limits
    {
        $steps = $unit->zoom->steps;

        return Limits::between($steps[0]->focalLength, $steps[count($steps) - 1]->focalLength, 'mm', 1.0);
    }
}
