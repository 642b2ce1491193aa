<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Aids;
use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\Outfit;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\PitchedRoof;
use Kaddle\Core\Situation\Scene;
use Kaddle\Core\Wish\Look;

/**
 * The ranges of a moment document's numbers, by field: what a form may offer.
 *
 * @phpstan-all-methods-pure
 */
final class FieldLimits
{
    private function __construct() {}

    /** @return array<string, Limits> dotted path => range */
    public static function all(): array
    {
        return [
            'room.length' => BoxRoom::sideLimits(),
            'room.width' => BoxRoom::sideLimits(),
            'room.height' => BoxRoom::heightLimits(),
            'room.roof.ridge' => PitchedRoof::ridgeLimits(BoxRoom::heightLimits()->min),
            'camera.fromBackWall' => Scene::fromBackWallLimits(),
            'camera.height' => Scene::heightLimits(),
            'subject.distance' => Scene::distanceLimits(),
            'subject.height' => Scene::heightLimits(),
            'glow.ev' => ExposureValue::limits(),
            'look.roomUnder' => Look::roomUnderLimits(),
            'look.fill' => Look::fillLimits(),
            'look.nd' => Aids::densityLimits(),
            'look.keep.ev' => ExposureValue::limits(),
            'pointing.turn' => Angles::turnLimits(),
            'pointing.tilt' => Angles::tiltLimits(),
            'zoom' => ZoomStep::focalLimits(),
            'dialled.body' => Compensation::limits(),
            'dialled.exposure' => Compensation::limits(),
            'outfit.units' => Outfit::unitLimits(),
            'lens.focalLength' => Optics::focalLimits(),
        ];
    }
}
