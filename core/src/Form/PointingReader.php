<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Wish\Pointing;

/** @internal where the head must point and its zoom must stand */
final class PointingReader
{
    private function __construct() {}

    public static function pointing(Fields $document, ?FlashUnit $flash): ?Pointing
    {
        $aim = $document->has('head') ? $document->oneOf('head', 'head direction', HeadAim::class) : null;
        $zoom = $document->has('zoom') && $flash !== null ? $document->number('zoom', 'zoom of the head', self::zoomLimits($flash)) : null;
        if ($aim === HeadAim::ByHand) {
            $angles = self::angles($document);

            return $angles === null ? null : Pointing::byHand($angles, $zoom);
        }
        if ($document->has('pointing')) {
            $document->fault('pointing', 'Angles are for a head that is turned by hand; choose that, or leave them out.');
        }
        if ($aim !== null && $flash !== null && !in_array($aim, HeadAim::with($flash->outfit), true)) {
            $document->fault('head', sprintf('Under a %s the head has no card to pull out.', $flash->outfit->modifier?->kind->inWords()));
        }

        return $aim === null ? Pointing::free($zoom) : Pointing::at($aim, $zoom);
    }

    private static function angles(Fields $document): ?Angles
    {
        $fields = $document->object('pointing');
        $fields->allowOnly('turn', 'tilt');
        $turn = $fields->number('turn', 'turn of the head', Angles::turnLimits());
        $tilt = $fields->number('tilt', 'tilt of the head', Angles::tiltLimits());

        return $turn === null || $tilt === null ? null : Angles::of($turn, $tilt);
    }

    private static function zoomLimits(FlashUnit $flash): Limits
    {
        $steps = $flash->zoom->steps;

        return Limits::between($steps[0]->focalLength, $steps[count($steps) - 1]->focalLength, 'mm', 1.0);
    }
}
