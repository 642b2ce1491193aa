<?php

declare(strict_types=1);

namespace Kaddle\Core\Meter;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Gear\Metering;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Clothing;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Situation\Scene;
use Kaddle\Core\Solve\Solution;

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

    private FlashMeter $meter;

    public FrameLight $planned;

    private function __construct(
        private Moment $moment,
        private ExposureSettings $settings,
        private HeadAim $aim,
        /** What the computation sets. */
        public Output $manual,
        Metering $metering,
    ) {
        $this->meter = FlashMeter::of($metering, $moment->flash);
        $this->planned = $this->frame($moment->scene, $moment->people->clothing, $moment->people->behind);
    }

    /** With the settings and the head direction of a solution. */
    public static function of(Solution $solution, Metering $metering): self
    {
        $best = $solution->best;

        return new self($solution->moment, $best->choice->settings, $best->light->aim, $best->output, $metering);
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
            [DriftKind::BrightLamps, $scene, $this->frame($scene, $this->moment->people->clothing, Behind::Window)],
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
            $frame->face($this->manual->stops->value()),
            $frame->face($this->meter->output($frame, 0.0)),
            $frame->face($this->meter->output($frame, $this->compensation()->value())),
            $frame->face($this->locked()->stops->value()),
        );
    }

    private function frame(Scene $scene, Clothing $clothing, Behind $behind): FrameLight
    {
        return FrameLight::of($this->moment, $scene, $this->settings, $this->aim, $clothing, $behind);
    }
}
