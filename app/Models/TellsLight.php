<?php

declare(strict_types=1);

namespace App\Models;

use Kaddle\Core\Form\LevelForm;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\SceneForm;
use Kaddle\Core\Gear\MomentParts;
use Kaddle\Core\Glow\Daylight;
use Kaddle\Core\Glow\GlowPoint;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\People\Behind;
use Kaddle\Core\Quantity\ExposureValue;

/** A moment as the document that the core reads. */
trait TellsLight
{
    /**
     * As a moment document that the core reads.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return MomentForm::documentOf($this->settings, [
            'room' => $this->room->document(),
            ...$this->people(),
            ...$this->circumstances($this->settings),
            'mains' => $this->mains()->value,
            'body' => MomentParts::body($this->body->figures()),
            'lens' => MomentParts::lens($this->lens->figures(), $this->settings->number('focalLength')),
            'flash' => MomentParts::flash(
                $this->flash->figures(),
                $this->settings->whole('units'),
                $this->modifier?->figures(),
                $this->gel?->figures(),
            ),
        ], $this->isGlowFromCurve() ? $this->glow() : null);
    }

    /** @return array<string, array<string, mixed>> what is planned of the people, as far as it bears on light */
    public function people(): array
    {
        $people = array_intersect_key($this->plan->toArray(), array_flip(array_map(
            static fn(Field $field): string => $field->name,
            SceneForm::people(),
        )));

        return $people === [] ? [] : ['people' => $people];
    }

    /**
     * What the house and the hour add to what is set: no flash where that is forbidden, and the light outside
     * where a window shows it.
     *
     * @param Record $settings what is set, stored or not yet
     *
     * @return array<string, mixed>
     */
    public function circumstances(Record $settings): array
    {
        $behind = $this->plan->has('behind') ? $this->plan->choice('behind', Behind::class) : null;

        return [
            ...($behind === Behind::Window ? ['outdoors' => $this->outdoors()] : []),
            ...($this->isFlashForbidden()
                ? ['look' => ['withoutFlash' => true] + $settings->record('look')->toArray()]
                : []),
        ];
    }

    /** Light of the open sky in the middle of it, EV. */
    private function outdoors(): float
    {
        $place = $this->night->venue->place();
        $sun = SunPosition::at($place->latitude, $place->longitude, $this->middle());

        return round(ExposureValue::range()->nearest(Daylight::light($sun)->ev()), 1);
    }

    public function isGlowFromCurve(): bool
    {
        return $this->settings->record('glow')->flag('curve');
    }

    /** EV at ISO 100, whichever way it is told. */
    public function glow(): float
    {
        $glow = $this->settings->record('glow');

        return match (true) {
            $glow->flag('curve') => round($this->curvePoint()->glow->ev, 2),
            $glow->has('metered') => LevelForm::settings($glow->record('metered'))->meteredLevel()->ev,
            default => $glow->number('ev'),
        };
    }

    /** m */
    public function distance(): float
    {
        return $this->settings->record('subject')->number('distance');
    }

    /** What the curve of its room says for the middle of the moment. */
    public function curvePoint(): GlowPoint
    {
        return $this->room->glowAt($this->middle());
    }

    private function middle(): \DateTimeImmutable
    {
        $starts = $this->night->at($this->clock());

        return $starts->setTimestamp($starts->getTimestamp() + 30 * $this->minutes);
    }
}
