<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Gear\Metering;
use Kaddle\Core\Power\PlannedUse;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Situation\Moment;

/**
 * The smallest stretch of a night with settings of its own: a moment, or a part of one whose glow
 * drifts too far for one setting.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Bar
{
    /** @param list<self> $others */
    private function __construct(
        /** Names the moment. */
        public string $moment,
        public string $name,
        /** Minutes since six in the morning. */
        public int $from,
        /** Minutes since six in the morning, after the start. */
        public int $until,
        /** With the glow of the middle of the bar. */
        public Moment $light,
        public InHand $inHand,
        /** What a change into it costs. */
        public Effort $effort,
        /** How near and how far people will be, m; the subject's distance where nobody has said. */
        public float $nearest,
        public float $farthest,
        /** How the body meters flash. */
        public Metering $metering,
        /** Frames a minute, 0 or more. */
        public float $framesPerMinute,
        /** min that the whole moment lasts: a head stays warm from one part of it to the next. */
        private int $minutes,
        /** Lens that was planned; null where it is the one in hand. */
        public ?Thing $insteadOf = null,
        /** The same through other lenses that give the same frame. */
        public array $others = [],
        /** Where all its controls stay, whatever would serve better; null where they are free. */
        public ?Stand $held = null,
    ) {}

    /**
     * @param string $moment names the moment
     * @param int $from minutes since six in the morning
     * @param int $until minutes since six in the morning, after the start
     * @param float|null $nearest m; null where nobody has said how near people will be
     * @param float|null $farthest m, not nearer than the nearest
     * @param int|null $minutes that the whole moment lasts; null where this is all of it
     */
    public static function of(
        string $moment,
        string $name,
        int $from,
        int $until,
        Moment $light,
        InHand $inHand,
        ?Effort $effort = null,
        ?float $nearest = null,
        ?float $farthest = null,
        Metering $metering = Metering::Weighted,
        float $framesPerMinute = PlannedUse::USUAL_RATE,
        ?int $minutes = null,
    ): self {
        $distance = $light->scene->distance;

        return new self(
            $moment,
            $name,
            $from,
            $until,
            $light,
            $inHand,
            $effort ?? Effort::usual(),
            $nearest ?? min($distance, $farthest ?? $distance),
            $farthest ?? max($distance, $nearest ?? $distance),
            $metering,
            $framesPerMinute,
            $minutes ?? $until - $from,
        );
    }

    /** Stops under full power, 0 or less, up to which its unit stays cool and is ready for the next frame. */
    public function bearableOutput(): float
    {
        return $this->light->flash->firing->bears((float) $this->minutes, $this->framesPerMinute);
    }

    /** The same in a room that glows so many stops brighter, or darker below 0; null where no room does. */
    public function inGlow(float $stops): ?self
    {
        $ev = $this->light->glow->ev + $stops;
        if (!ExposureValue::range()->contains($ev)) {
            return null;
        }
        $glow = ExposureValue::atIso100($ev);

        return $this->but(
            $this->light->inGlow($glow),
            others: array_map(static fn(self $b): self => $b->but($b->light->inGlow($glow)), $this->others),
        );
    }

    /**
     * The same, and free to be shot through other lenses, as far as those can do what is asked of the planned one.
     *
     * @param list<array{Thing, Lens}> $lenses at focal lengths that give the same frame
     */
    public function orThrough(array $lenses): self
    {
        $others = [];
        foreach ($lenses as [$thing, $lens]) {
            $light = $this->light->through($lens);
            // It must have an aperture that is held, and focus as near.
            if ($light->look === $this->light->look && $lens->closest <= min($this->nearest, $light->scene->distance)) {
                $others[] = $this->but($light, $this->inHand->withLens($thing), $this->inHand->lens);
            }
        }

        return $this->but($this->light, others: $others);
    }

    /**
     * The same with all its controls where they stand, as far as its gear has such places.
     *
     * @param string $lens that is on: the planned one, or another that gives the same frame
     */
    public function standing(Stand $stand, string $lens): self
    {
        foreach ([$this, ...$this->others] as $bar) {
            if ($bar->inHand->lens->name === $lens && $stand->isWithin($bar->light)) {
                return $bar->but($bar->light, held: $stand);
            }
        }

        return $this;
    }

    /** @param list<self> $others */
    private function but(Moment $light, ?InHand $inHand = null, ?Thing $insteadOf = null, array $others = [], ?Stand $held = null): self
    {
        return new self(
            $this->moment,
            $this->name,
            $this->from,
            $this->until,
            $light,
            $inHand ?? $this->inHand,
            $this->effort,
            $this->nearest,
            $this->farthest,
            $this->metering,
            $this->framesPerMinute,
            $this->minutes,
            $insteadOf ?? $this->insteadOf,
            $others,
            $held ?? $this->held,
        );
    }

    /** Turns from the bar before into this one. */
    public function work(): Work
    {
        return Work::of($this->effort, $this->light->body->step, $this->light->flash->step);
    }
}
