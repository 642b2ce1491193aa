<?php

declare(strict_types=1);

namespace App\Models;

use Kaddle\Core\Form\LevelForm;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Gear\MomentParts;
use Kaddle\Core\Glow\Daylight;
use Kaddle\Core\Glow\GlowPoint;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Intake\Record;

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
            ...$this->around($this->settings, $this->room->isOpenAbove()),
            'mains' => $this->mains()->value,
            'body' => MomentParts::body($this->body->figures()),
            'lens' => MomentParts::lens($this->lens->figures(), $this->settings->number('focalLength')),
            'flash' => MomentParts::flash(
                $this->flash->figures(),
                $this->settings,
                $this->modifier?->figures(),
                $this->gel?->figures(),
                $this->otherGel?->figures(),
            ),
        ], $this->isGlowFromCurve() ? $this->glow() : null);
    }

    /**
     * What plan, house and hour add to what is set.
     *
     * @param Record $settings what is set, stored or not yet
     * @param bool $isOpen whether there is nothing overhead
     *
     * @return array<string, mixed>
     */
    public function around(Record $settings, bool $isOpen): array
    {
        return MomentForm::around($settings, $this->plan, $this->isFlashForbidden(), $isOpen, function (): float {
            $place = $this->night->venue->place();

            return Daylight::light(SunPosition::at($place->latitude, $place->longitude, $this->middle()))->ev();
        });
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

    /** What the curve of its room says at a minute since six in the morning of its night. */
    public function curveAt(float $minute): GlowPoint
    {
        return $this->room->glowAt($this->night->atMinute($minute));
    }

    private function middle(): \DateTimeImmutable
    {
        $starts = $this->night->at($this->clock());

        return $starts->setTimestamp($starts->getTimestamp() + 30 * $this->minutes);
    }
}
