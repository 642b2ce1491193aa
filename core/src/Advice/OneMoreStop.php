<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\DepthOfField;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Solve\ExposureChooser;
use Kaddle\Core\Solve\Solution;

/**
 * The cheapest way to win one more stop of each light.
 *
 * What it costs is judged, not measured: noise, depth, shake, batteries, flat light, a walk.
 *
 * @see docs/physics.md, “One more stop”
 *
 * @phpstan-all-methods-pure
 */
final readonly class OneMoreStop
{
    private const STOP = 30;

    private function __construct(
        /** Of the room's light; null where hands, lens and ISO are at their ends. */
        public ?Gain $room,
        /** Of the flash; null where nothing but a second unit gives more, or there is none. */
        public ?Gain $flash,
        /** Whether there is a flash at all. */
        public bool $isFlashed,
    ) {}

    public static function of(Solution $solution): self
    {
        $both = self::ofBoth($solution);

        return new self(
            self::cheapest([...self::slower($solution), ...$both]),
            $solution->best->isOff() ? null : self::cheapest(
                [...self::moreOutput($solution), ...self::anotherWay($solution), ...$both, ...self::nearer($solution)],
            ),
            !$solution->best->isOff(),
        );
    }

    /** @param list<Gain> $ways */
    private static function cheapest(array $ways): ?Gain
    {
        $best = null;
        foreach ($ways as $way) {
            $best = $best === null || $way->cost < $best->cost ? $way : $best;
        }

        return $best;
    }

    /** @return list<Gain> what brings a stop of room and of flash */
    private static function ofBoth(Solution $solution): array
    {
        $settings = $solution->best->choice->settings;
        $moment = $solution->moment;
        $ways = [];
        $sv = $settings->iso->sv->thirtieths + self::STOP;
        if ($sv <= $moment->body->usableIso->sv->thirtieths) {
            $ways[] = Gain::bySetting(GainKind::Iso, 1.0, ExactStops::fromThirtieths($sv));
        }
        $av = $settings->aperture->av->thirtieths - self::STOP;
        if ($av >= $moment->lens->widest->av->thirtieths) {
            $wider = Aperture::of(ExactStops::fromThirtieths($av));
            $sharp = DepthOfField::atMetres($moment->optics, $wider, $moment->scene->distance);
            $holding = $moment->openingForGroup();
            $holds = $holding !== null && $holding->av->thirtieths <= $av;
            $ways[] = Gain::bySetting(GainKind::Aperture, $holds ? 1.5 : 4.0, $wider->av, $sharp);
        }

        return $ways;
    }

    /** @return list<Gain> */
    private static function slower(Solution $solution): array
    {
        $moment = $solution->moment;
        $tv = $solution->best->choice->settings->shutter->tv->thirtieths - self::STOP;
        $held = $moment->body->steadinessAt($moment->lens->focalLength)->timeValue();
        foreach (Shutter::scale($moment->body->step) as $shutter) {
            if ($shutter->tv->thirtieths === $tv && $shutter->tv->value() >= $held) {
                return [Gain::bySetting(GainKind::Shutter, 0.8, $shutter->tv)];
            }
        }

        return [];
    }

    /** @return list<Gain> */
    private static function moreOutput(Solution $solution): array
    {
        $now = $solution->best->output->stops;
        $more = $now === null ? null : ExactStops::fromThirtieths($now->thirtieths + self::STOP);

        return $more === null || $more->thirtieths > 0
            ? []
            : [Gain::bySetting(GainKind::Output, $more->value() <= ExposureChooser::EASY_OUTPUT ? 0.5 : 1.8, $more)];
    }

    /** @return list<Gain> */
    private static function anotherWay(Solution $solution): array
    {
        $best = $solution->best;
        $ways = [];
        foreach ($solution->candidates as $other) {
            if ($best->wantedOutput - $other->wantedOutput >= 1.0) {
                $ways[] = Gain::byAim(0.6 + max(0.0, $other->trouble() - $best->trouble()), $other->light->aim);
            }
        }

        return $ways;
    }

    /** @return list<Gain> direct light only: H ∝ 1/d² */
    private static function nearer(Solution $solution): array
    {
        return $solution->best->light->directShare() < 0.9
            ? []
            : [Gain::byStandingAt(2.5, Length::ofMetres($solution->moment->scene->distance / M_SQRT2))];
    }
}
