<?php

declare(strict_types=1);

namespace App\Models;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Form\ReadMoment;
use Kaddle\Core\Gear\MomentParts;
use Kaddle\Core\Glow\GlowPoint;

/** A moment's columns as the document that the core reads, and back. */
trait TellsLight
{
    /**
     * As a moment document that the core reads.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        $metered = $this->metered();
        $kept = $this->keptMetered();

        return [
            'version' => MomentReader::VERSION,
            'room' => $this->room->document(),
            'camera' => ['fromBackWall' => $this->from_back_wall_m, 'height' => $this->camera_height_m],
            'subject' => ['distance' => $this->subject_distance_m, 'height' => $this->subject_height_m],
            ...$this->people(),
            'mains' => $this->mains()->value,
            'glow' => $metered === null ? ['ev' => $this->glow()] : self::asMetered($metered),
            'look' => [
                'roomUnder' => $this->room_under_stops,
                'aperture' => $this->working_av->label(),
                ...($this->locks() === [] ? [] : ['locks' => $this->locks()]),
                'school' => $this->school->value,
                ...($this->kept_thing === null ? [] : ['keep' => ['what' => $this->kept_thing->value, ...($kept === null ? ['ev' => $this->kept_ev] : self::asMetered($kept))]]),
                'fill' => $this->fill_stops,
                'nd' => $this->nd_stops,
                'highSpeed' => $this->high_speed,
            ],
            ...($this->head_aim === null ? [] : ['head' => $this->head_aim->value]),
            ...($this->head_aim === HeadAim::ByHand ? ['pointing' => ['turn' => $this->head_turn, 'tilt' => $this->head_tilt]] : []),
            ...($this->head_zoom === null ? [] : ['zoom' => $this->head_zoom]),
            'body' => MomentParts::body($this->body->data),
            'lens' => MomentParts::lens($this->lens->data, $this->focal_mm),
            'flash' => MomentParts::flash($this->flash->data, $this->units, $this->modifier?->data, $this->gel?->data),
        ];
    }

    /** Takes over what the core has read about its light; stores nothing. */
    public function takeLight(ReadMoment $read, bool $isFromCurve): self
    {
        $light = $read->moment;
        $kept = $light->look->kept;

        return $this->fill([
            'focal_mm' => $light->lens->focalLength,
            'from_back_wall_m' => $light->scene->camera->x,
            'camera_height_m' => $light->scene->camera->z,
            'subject_distance_m' => $light->scene->distance,
            'subject_height_m' => $light->scene->face->z,
            'glow_ev' => $read->metered === null && !$isFromCurve ? $light->glow->ev : null,
            'glow_from_curve' => $isFromCurve,
            'metered_tv' => $read->metered?->shutter,
            'metered_av' => $read->metered?->aperture,
            'metered_sv' => $read->metered?->iso,
            'room_under_stops' => -$light->look->room->value,
            'working_av' => $light->look->workingAperture,
            'head_aim' => $light->pointing->aim,
            'head_turn' => $light->pointing->angles?->turn,
            'head_tilt' => $light->pointing->angles?->tilt,
            'head_zoom' => $light->pointing->zoom,
            'lock_tv' => $light->look->locks->shutter,
            'lock_av' => $light->look->locks->aperture,
            'lock_sv' => $light->look->locks->iso,
            'school' => $light->look->school,
            'kept_thing' => $kept?->thing,
            'kept_ev' => $kept?->metered === null ? $kept?->level->ev : null,
            'kept_tv' => $kept?->metered?->shutter,
            'kept_av' => $kept?->metered?->aperture,
            'kept_sv' => $kept?->metered?->iso,
            'fill_stops' => -$light->look->fill->value,
            'nd_stops' => $light->look->aids->density,
            'high_speed' => $light->look->aids->pulses(),
            'units' => $light->flash->outfit->units,
        ]);
    }

    /** @return array<string, array<string, mixed>> what is planned of the people, as far as it bears on light */
    public function people(): array
    {
        $people = array_intersect_key($this->plan, array_flip(['movement', 'depth', 'clothing', 'behind']));

        return $people === [] ? [] : ['people' => $people];
    }

    /** @return array{metered: array{shutter: string, aperture: string, iso: string}} as documents tell a level that was metered */
    private static function asMetered(ExposureSettings $metered): array
    {
        return ['metered' => ['shutter' => $metered->shutter->label(), 'aperture' => $metered->aperture->label(), 'iso' => $metered->iso->label()]];
    }

    /** @return array<string, string> labels of the controls that are held */
    private function locks(): array
    {
        return array_filter([
            'shutter' => $this->lock_tv?->label(),
            'aperture' => $this->lock_av?->label(),
            'iso' => $this->lock_sv?->label(),
        ], is_string(...));
    }

    /** The exposure that a meter gave, where the glow is told in that way. */
    public function metered(): ?ExposureSettings
    {
        return $this->metered_tv !== null && $this->metered_av !== null && $this->metered_sv !== null
            ? ExposureSettings::of($this->metered_tv, $this->metered_av, $this->metered_sv)
            : null;
    }

    /** The exposure that a spot meter gave on the light to keep, where its level is told in that way. */
    public function keptMetered(): ?ExposureSettings
    {
        return $this->kept_tv !== null && $this->kept_av !== null && $this->kept_sv !== null
            ? ExposureSettings::of($this->kept_tv, $this->kept_av, $this->kept_sv)
            : null;
    }

    /** EV at ISO 100, whichever way it is told. */
    public function glow(): float
    {
        return match (true) {
            $this->glow_from_curve => round($this->curvePoint()->glow->ev, 2),
            default => $this->metered()?->meteredLevel()->ev ?? $this->glow_ev ?? throw new \LogicException('a moment without glow'),
        };
    }

    /** What the curve of its room says for the middle of the moment. */
    public function curvePoint(): GlowPoint
    {
        $starts = $this->night->at($this->clock());

        return $this->room->glowAt($starts->setTimestamp($starts->getTimestamp() + 30 * $this->minutes));
    }
}
