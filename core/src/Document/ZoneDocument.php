<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Exposure\ZoneFocus;
use Kaddle\Core\Words\DragWords;
use Kaddle\Core\Words\Voice;

/** What is sharp without looking. */
final readonly class ZoneDocument
{
    private function __construct(
        /** m that the lens is focused at. */
        public float $focus,
        /** m from which all is sharp. */
        public float $near,
        /** m to which; null without end. */
        public ?float $far,
        /** m. */
        public float $hyperfocal,
        /** How far its ring is turned, 0 at endless to 1 at its near end. */
        public float $turn,
        /** m to set for the zone that is asked for; null where none is. */
        public ?float $set,
        /** The widest opening at which that zone is sharp; null where none is, or is enough. */
        public ?string $aperture,
        public string $sentence,
    ) {}

    public static function of(DragView $view, Voice $voice): self
    {
        $moment = $view->solution->moment;
        $drag = $moment->drag;
        $lens = $moment->lens;
        $zone = ZoneFocus::atMetres(
            $moment->optics,
            $view->exposing->time->settings->aperture,
            max($lens->closest, $drag->focus ?? $moment->scene->distance),
            $lens->closest,
        );
        $depth = $zone->depth();
        [$set, $aperture] = $drag->zoneFrom === null || $drag->zoneTo === null
            ? [null, null]
            : ZoneFocus::forZone($moment->optics, $lens, $moment->body->step, $drag->zoneFrom, $drag->zoneTo);

        return new self(
            round($zone->focus, 2),
            round($depth->near, 2),
            is_finite($depth->far) ? round($depth->far, 2) : null,
            round($zone->hyperfocal(), 2),
            round($zone->turn(), 3),
            $set === null ? null : round($set, 2),
            $aperture?->label(),
            DragWords::zone($zone, $set, $aperture, $view, $voice),
        );
    }
}
