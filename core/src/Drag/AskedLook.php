<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\ExposureChooser;
use Kaddle\Core\Solve\Solution;

/**
 * The settings that come nearest to a look, of all that the gear has.
 *
 * Every click of shutter, aperture and ISO is weighed by the stops by which it misses, summed over
 * what the look asks; clicks that cannot win any more by what their time alone, or their room alone,
 * misses are passed over, so nothing better is left out.
 *
 * @see docs/physics.md, “Asked looks”
 */
final readonly class AskedLook
{
    /** Stops that a click is: what may be missed. */
    public const CLICK = 1.0 / 3.0;

    /** What a stop of ISO, or of an aperture that is not liked, weighs beside a stop that is missed. */
    private const TASTE = 0.001;

    /**
     * @param array<string, float> $misses stops by AskPart, more than a click
     */
    private function __construct(
        public Ask $ask,
        public ExposureSettings $settings,
        public Output $output,
        public array $misses,
        /** Stops missed in all. */
        public float $missed,
        public Curtain $curtain,
        /** Degrees of the sweep that draws lamps; 0 where none does. */
        public float $angle,
    ) {}

    public static function of(Solution $solution, Ask $ask): self
    {
        $moment = $solution->moment;
        if ($moment->look->withoutFlash && !$ask->kind->isWithoutFlash()) {
            return self::ruledOut($solution, $ask);
        }
        $trial = AskTrial::of($solution, $ask);
        [$apertures, $isos] = self::controls($moment);
        $aid = $moment->look->aids;
        $any = static fn(Shutter $s): ExposureSettings => ExposureSettings::of($s, $apertures[0], $isos[0], $aid);
        $shutters = self::shutters($moment, $ask);
        $byTime = array_map(static fn(Shutter $s): float => array_sum($trial->ofTime($any($s))), $shutters);
        asort($byTime);
        $wish = $trial->roomWish();
        $best = $any($shutters[0]);
        $least = INF;
        foreach ($byTime as $i => $ofTime) {
            if ($ofTime > $least) {
                break;
            }
            foreach ($apertures as $aperture) {
                foreach ($isos as $iso) {
                    $settings = ExposureSettings::of($shutters[$i], $aperture, $iso, $aid);
                    if ($wish !== null && $ofTime + abs($settings->offsetOf($moment->held)->value - $wish) > $least) {
                        continue;
                    }
                    $missed = $ofTime + array_sum($trial->ofLight($settings)) + self::taste($settings, $trial, $moment);
                    if ($missed < $least) {
                        [$best, $least] = [$settings, $missed];
                    }
                }
            }
        }

        return self::with($best, $trial, $ask, $moment);
    }

    /** Whether every thing that it asks is met within a click. */
    public function isMet(): bool
    {
        return $this->misses === [];
    }

    /** Whether it lives by a flash that this moment is taken without: there is nothing to be used of it. */
    public function isRuledOut(): bool
    {
        return $this->output->stops === null && !$this->ask->kind->isWithoutFlash();
    }

    /**
     * What counts against settings, in stops: what the look misses, and a hair of taste.
     */
    public static function weighed(ExposureSettings $settings, AskTrial $trial, Moment $moment): float
    {
        return array_sum($trial->all($settings)) + self::taste($settings, $trial, $moment);
    }

    /**
     * Every shutter with which the look can be taken at all, slow to fast.
     *
     * @return non-empty-list<Shutter>
     */
    public static function shutters(Moment $moment, Ask $ask): array
    {
        $fastest = ($ask->kind->isWithoutFlash() ? $moment->body->fastest : $moment->fastestShutter())->tv->thirtieths;
        $shutters = array_values(array_filter(
            Shutter::scale($moment->body->step),
            static fn(Shutter $s): bool => $s->tv->thirtieths <= $fastest,
        ));

        return $shutters === [] ? [$moment->body->sync] : $shutters;
    }

    /** @return array{non-empty-list<Aperture>, non-empty-list<Iso>} */
    public static function controls(Moment $moment): array
    {
        return [
            Aperture::scale($moment->body->step, $moment->lens->widest, $moment->lens->narrowest),
            Iso::scale($moment->body->step, $moment->body->baseIso, $moment->body->usableIso),
        ];
    }

    private static function ruledOut(Solution $solution, Ask $ask): self
    {
        return new self($ask, $solution->best->choice->settings, Output::off(), [AskPart::Output->value => AskTrial::NEVER], AskTrial::NEVER, Curtain::First, 0.0);
    }

    private static function with(ExposureSettings $settings, AskTrial $trial, Ask $ask, Moment $moment): self
    {
        $parts = $trial->all($settings);

        return new self(
            $ask,
            $settings,
            $ask->kind->isWithoutFlash() ? Output::off() : $moment->flash->nearest(min(1e3, $trial->output($settings))),
            array_filter($parts, static fn(float $missed): bool => $missed > self::CLICK + 1e-9),
            array_sum($parts),
            $ask->kind === AskKind::TrailBehind ? Curtain::Second : Curtain::First,
            $ask->kind === AskKind::LampTrails ? $trial->angle : 0.0,
        );
    }

    /** Clean files, the aperture that is liked, and a flash that is soon ready again. */
    private static function taste(ExposureSettings $settings, AskTrial $trial, Moment $moment): float
    {
        return self::TASTE * ($settings->iso->sv->value() - $moment->body->baseIso->sv->value()
            + abs($settings->aperture->av->value() - $moment->look->workingAperture->av->value())
            + 2.0 * max(0.0, $trial->output($settings) - ExposureChooser::EASY_OUTPUT));
    }
}
