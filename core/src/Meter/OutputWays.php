<?php

declare(strict_types=1);

namespace Kaddle\Core\Meter;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Gear\Metering;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Clothing;
use Kaddle\Core\People\Shining;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Situation\Scene;
use Kaddle\Core\Solve\Held;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Solve\Tolerance;

/**
 * Start here for who sets the output: by hand, by the meter with compensation, or metered once
 * and kept; and how each holds when clothes, distance or backdrop change.
 *
 * @see docs/physics.md, “Who sets the output”
 */
final readonly class OutputWays
{
    /** A step back or a group behind: half a stop to a stop of direct light. */
    private const FARTHER = 1.4;

    /** % of the picture that a window by day or bright lamps take, and stops over the room. */
    private const LAMPS = 25.0;
    private const LAMPS_OVER_ROOM = 3.5;

    private FlashMeter $meter;

    public FrameLight $planned;

    private function __construct(
        private Moment $moment,
        private ExposureSettings $settings,
        private HeadAim $aim,
        /** What the computation sets. */
        public Output $manual,
        Metering $metering,
        /** About the light of the flash on the face, stops either way. */
        private float $doubt,
    ) {
        $this->meter = FlashMeter::of($metering, $moment->flash);
        $this->planned = $this->frame($moment->scene, $moment->people->clothing, $moment->people->behind);
    }

    /** Distances at which the reach of the meter is looked for, against each other. */
    private const APART = 1.5;

    /** From so many stops of doubt on three frames are better than one. */
    private const BRACKET = 1.0;

    /** Stops that a full pop lacks from which no ISO makes up for it. */
    private const HARDLY_ANY = 6.0;

    /** With the settings and the head direction of a solution. */
    public static function of(Solution $solution, Metering $metering): self
    {
        $best = $solution->best;

        return new self(
            $solution->moment,
            $best->choice->settings,
            $best->light->aim,
            $best->output,
            $metering,
            $solution->doubt()->total()->value,
        );
    }

    /** Stops by which even a full pop is too little as planned, 0 or more: no compensation helps there. */
    public function outOfReach(): float
    {
        $wanted = $this->planned->wanted();

        return $wanted > Tolerance::ROUNDING ? $wanted : 0.0;
    }

    /** Whether so little light of the flash gets to the face this way that other settings are no help. */
    public function hardlyGetsThere(): bool
    {
        return $this->outOfReach() > self::HARDLY_ANY;
    }

    /**
     * How near and how far people may stand before output runs out, at these settings.
     *
     * @return array{Length, Length}|null null where it reaches nowhere in this room
     */
    public function reach(): ?array
    {
        $range = Scene::distanceRange();
        $within = [];
        $before = null;
        $held = Held::at($this->moment, $this->settings, $this->aim);
        for ($distance = 0.5; $distance < $range->max; $distance *= self::APART) {
            $scene = $this->moment->scene->tryAt($distance);
            if ($scene === null) {
                break;
            }
            $wanted = $held->wantedAt($scene);
            foreach ([$this->moment->flash->lowest->value(), 0.0] as $end) {
                if ($before !== null && ($before[1] - $end) * ($wanted - $end) < 0.0) {
                    $within[] = $before[0] * ($distance / $before[0]) ** (($end - $before[1]) / ($wanted - $before[1]));
                }
            }
            if ($wanted >= $this->moment->flash->lowest->value() && $wanted <= 0.0) {
                $within[] = $distance;
            }
            $before = [$distance, $wanted];
        }

        return $within === [] ? null : [Length::ofMetres(min($within)), Length::ofMetres(max($within))];
    }

    /** Whether the meter is so unsure that three frames, a stop apart, are better than one. */
    public function wantsBracket(): bool
    {
        return hypot($this->doubt, $this->error() / 2.0) > self::BRACKET;
    }

    /** Stops by which the meter would give the face more (above 0) or less than it should. */
    public function error(): float
    {
        return $this->meter->error($this->planned);
    }

    public function compensation(): ExactStops
    {
        return $this->meter->advice($this->planned);
    }

    /** Whether no compensation reaches, so that manual is the way out. */
    public function isBeyond(): bool
    {
        return $this->meter->isBeyond($this->planned);
    }

    /** What the meter gives with that compensation, to be kept. */
    public function locked(): Output
    {
        return $this->moment->flash->nearest($this->meter->output($this->planned, $this->compensation()->value()));
    }

    /** @return list<Drift> the frame as planned first */
    public function drift(): array
    {
        $scene = $this->moment->scene;
        $frames = [
            [DriftKind::Planned, $scene, $this->planned],
            [DriftKind::WhiteDress, $scene, $this->frame($scene, Clothing::White, $this->moment->people->behind)],
            [DriftKind::DarkSuits, $scene, $this->frame($scene, Clothing::Dark, $this->moment->people->behind)],
            [DriftKind::DarkHall, $scene, $this->frame($scene, $this->moment->people->clothing, Behind::DarkHall)],
            [DriftKind::BrightLamps, $scene, $this->frame($scene, $this->moment->people->clothing, Behind::Decor, $this->lamps())],
        ];
        $farther = $scene->tryAt($scene->distance * self::FARTHER);
        if ($farther !== null) {
            $frames[] = [
                DriftKind::Farther,
                $farther,
                $this->frame($farther, $this->moment->people->clothing, $this->moment->people->behind),
            ];
        }

        return array_map(fn(array $f): Drift => $this->drifted(...$f), $frames);
    }

    private function drifted(DriftKind $kind, Scene $scene, FrameLight $frame): Drift
    {
        return new Drift(
            $kind,
            Length::ofMetres($scene->distance),
            $frame->face($this->manual->value()),
            $frame->face($this->meter->output($frame, 0.0)),
            $frame->face($this->meter->output($frame, $this->compensation()->value())),
            $frame->face($this->locked()->value()),
        );
    }

    private function frame(Scene $scene, Clothing $clothing, Behind $behind, ?Shining $shining = null): FrameLight
    {
        return FrameLight::of($this->moment, $scene, $this->settings, $this->aim, $clothing, $behind, $shining);
    }

    /** A window by day, or lamps in the frame. */
    private function lamps(): Shining
    {
        $range = ExposureValue::range();

        return Shining::ofPercent(
            self::LAMPS,
            ExposureValue::atIso100($range->nearest($this->moment->glow->ev + self::LAMPS_OVER_ROOM)),
        );
    }
}
