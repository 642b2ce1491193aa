<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

use Kaddle\Core\Motion\BackdropLamp;
use Kaddle\Core\Motion\Beats;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Motion\Exposing;
use Kaddle\Core\Motion\Flicker;
use Kaddle\Core\Motion\Ghost;
use Kaddle\Core\Motion\LampBeat;
use Kaddle\Core\Motion\OpenTime;
use Kaddle\Core\Motion\PopTimes;
use Kaddle\Core\Motion\Shake;
use Kaddle\Core\Motion\Trail;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Solution;

/**
 * Start here: what a long exposure of a moment looks like, with the settings that were found for it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class DragView
{
    private function __construct(
        public Solution $solution,
        public Exposing $exposing,
        public Subject $subject,
        /** Frame widths of a body. */
        public float $width,
        public Ghost $ghost,
        public CurtainChoice $curtains,
        /** Of the room's lamps on the mains, on a ground that no pop reaches. */
        public Flicker $flicker,
    ) {}

    public static function of(Solution $solution): self
    {
        $moment = $solution->moment;
        $drag = $moment->drag;
        $settings = $solution->best->choice->settings;
        $exposing = new Exposing($moment->optics, OpenTime::of($settings, $drag->seconds), $drag->move);
        $subject = Subject::of($moment, $exposing, $solution->levels);
        $width = Subject::WIDE * $exposing->scaleAt($moment->scene->distance);
        $ghost = $subject->ghost($width, $exposing->smearOf($moment->people->going, Subject::WIDE / 2.0, $moment->scene->distance));

        return new self(
            $solution,
            $exposing,
            $subject,
            $width,
            $ghost,
            CurtainChoice::of($solution, $exposing, $ghost),
            self::beatOf(LampBeat::Mains, $exposing, $moment),
        );
    }

    /** Of show lamps that are dimmed by pulses; null where none is told. */
    public function pulsed(): ?Flicker
    {
        foreach ($this->solution->moment->drag->lamps as $lamp) {
            if ($lamp->beat === LampBeat::Pulsed) {
                return self::beatOf(LampBeat::Pulsed, $this->exposing, $this->solution->moment);
            }
        }

        return null;
    }

    private static function beatOf(LampBeat $beat, Exposing $exposing, Moment $moment): Flicker
    {
        $seconds = $exposing->time->seconds;

        return Flicker::of(
            $beat->depth(),
            $beat->frequency($moment->mains->frequency()),
            $seconds,
            PopTimes::of(Curtain::First, $seconds, $moment->body->sync, false)->travel,
        );
    }

    /** @return list<Trail> in the order of the lamps */
    public function trails(): array
    {
        $moment = $this->solution->moment;
        $focus = $moment->drag->focus ?? $moment->scene->distance;

        return array_map(
            fn(BackdropLamp $lamp): Trail => Trail::of($lamp, $this->exposing, $focus, $moment->body->pixels, $moment->mains->frequency()),
            $moment->drag->lamps,
        );
    }

    /** How far hands smear the whole picture, frame widths; 0 on a tripod. */
    public function shake(): float
    {
        $moment = $this->solution->moment;

        return $moment->drag->tripod
            ? 0.0
            : Shake::share($moment->optics, $moment->body->stabiliser, $this->exposing->time->seconds);
    }

    /** s that the flash shines: a pop to a tenth of its peak, or pulses for as long as the shutter is open; 0 without flash. */
    public function popSeconds(): float
    {
        $best = $this->solution->best;
        $settings = $best->choice->settings;

        return match (true) {
            $best->isOff() => 0.0,
            $settings->aids->pulsesAt($settings->shutter) => $this->exposing->time->seconds,
            default => $this->solution->moment->flash->pop->blurring($best->output),
        };
    }

    /** Share of the exposure for which a place is covered by the crowd that passes, 0 to 1; null without one. */
    public function crowdCovers(): ?float
    {
        $crowd = $this->solution->moment->drag->crowd;
        if ($crowd === null) {
            return null;
        }
        $smear = $this->exposing->smearOf($crowd, Subject::WIDE / 2.0, $this->solution->moment->scene->distance);

        return $smear > $this->width ? $this->width / $smear : 1.0;
    }

    /** The music against the unit; null where nobody counts, or nothing pops. */
    public function beats(): ?Beats
    {
        $perMinute = $this->solution->moment->drag->beatsPerMinute;

        return $perMinute === null || $this->solution->best->isOff()
            ? null
            : Beats::perMinute($perMinute, $this->solution->moment->flash->firing->recycle($this->solution->best->output));
    }
}
