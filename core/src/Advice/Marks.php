<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Solution;

/**
 * The limits of a moment, as marks on the scales of its controls.
 *
 * @see docs/physics.md, “Marks on the rules”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Marks
{
    private const QUARTER = -60;

    private function __construct(
        private Moment $moment,
        private PopHold $pop,
        /** Share of the light on the people that is the room's: what a pop lights neither hands nor movement smear. */
        private float $roomShare,
    ) {}

    public static function of(Solution $solution): self
    {
        $levels = $solution->levels;
        $room = $levels->faceRoom->ratio();

        return new self($solution->moment, PopHold::of($solution), $room / max(1e-12, $room + $levels->faceFlash->ratio()));
    }

    /** @return list<Mark> */
    public function shutter(): array
    {
        return [$this->sync(), $this->hold(), $this->blur(), $this->even()];
    }

    /** @return list<Mark> */
    public function aperture(): array
    {
        $lens = $this->moment->lens;
        $best = new Mark(MarkKind::Best, $lens->bestFrom->av->thirtieths, $lens->bestTo->av->thirtieths);

        return $this->moment->people->depth > 0.0 ? [$this->depth(), $best] : [$best];
    }

    /** @return list<Mark> */
    public function iso(): array
    {
        return [new Mark(MarkKind::Usable, null, $this->moment->body->usableIso->sv->thirtieths)];
    }

    /** @return list<Mark> */
    public function output(): array
    {
        return [new Mark(MarkKind::Easy, null, self::QUARTER)];
    }

    private function sync(): Mark
    {
        return new Mark(MarkKind::Sync, null, $this->moment->body->sync->tv->thirtieths);
    }

    private function hold(): Mark
    {
        $slowest = $this->firstFrom($this->forgiven($this->moment->body->steadinessAt($this->moment->lens->focalLength)->timeValue()));

        return new Mark(MarkKind::Hold, $slowest->tv->thirtieths, null, roomShare: $this->roomShare);
    }

    private function blur(): Mark
    {
        $blur = $this->moment->blur();
        $from = $this->forgiven($blur->sharpFrom());
        $shutter = $this->firstFrom($from);
        $isReached = $shutter->tv->value() >= $from - 1e-9;

        return new Mark(
            MarkKind::Blur,
            $shutter->tv->thirtieths + ($isReached ? 0 : 1),
            null,
            isReached: $isReached,
            smear: $blur->shareAt($shutter),
            pop: $this->pop,
            roomShare: $this->roomShare,
        );
    }

    /** Time value with the room's share taken into account: half the light leaves half the smear to be seen. */
    private function forgiven(float $tv): float
    {
        return $tv + log(max(1e-12, $this->roomShare), 2);
    }

    private function even(): Mark
    {
        $even = array_filter(
            Shutter::scale($this->moment->body->step),
            fn(Shutter $s): bool => $this->moment->mains->isEven($s) && $s->tv->thirtieths >= 0,
        );

        return new Mark(
            MarkKind::Even,
            null,
            null,
            array_map(static fn(Shutter $s): int => $s->tv->thirtieths, array_values($even)),
        );
    }

    private function depth(): Mark
    {
        $enough = $this->moment->openingForGroup();

        return $enough === null
            ? new Mark(MarkKind::Depth, 1 + $this->moment->lens->narrowest->av->thirtieths, null, isReached: false)
            : new Mark(MarkKind::Depth, $enough->av->thirtieths, null, focus: $this->moment->focusForGroup());
    }

    private function firstFrom(float $tv): Shutter
    {
        $scale = Shutter::scale($this->moment->body->step);
        foreach ($scale as $shutter) {
            if ($shutter->tv->value() >= $tv - 1e-9) {
                return $shutter;
            }
        }

        return $scale[count($scale) - 1];
    }
}
