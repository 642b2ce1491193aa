<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Exposure\Aids;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\ExposureChooser;
use Kaddle\Core\Solve\FaceBalance;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Solve\Tolerance;

/**
 * What a filter or high-speed sync would do for a moment whose room is too bright for the
 * aperture that is liked, and what it costs.
 *
 * @see docs/physics.md, “Too bright for sync”
 */
final readonly class Offer
{
    private function __construct(
        public OfferKind $kind,
        /** Stops of neutral density; 0 for high-speed sync. */
        public float $density,
        /** What is then set. */
        public ExposureSettings $settings,
        /** What it takes from the flash. */
        public Stops $cost,
        /** What the flash then gives; null where that falls short. */
        public ?Output $output,
        /** By how much the flash then falls short; null where it does not. */
        public ?Stops $short,
        /** Whether room and face then come out as wished. */
        public bool $reaches,
    ) {}

    /** @return list<self> none where sync speed is fast enough */
    public static function allFor(Solution $solution): array
    {
        $moment = $solution->moment->with(Aids::none());
        $body = $moment->body;
        $atSync = $body->sync->tv->value() + $moment->look->workingAperture->av->value() - $body->baseIso->sv->value();
        $excess = $moment->held->ev - $atSync - $moment->roomLevel->value;
        if ($excess <= Tolerance::ROUNDING || $moment->look->isFree()) {
            return [];
        }
        $density = min(Aids::densityRange()->max, ceil($excess - Tolerance::ROUNDING));
        $offers = [self::of(OfferKind::Density, $moment->with(Aids::ofStops($density, null)), $solution, $density)];

        if (!$moment->flash->highSpeed) {
            return $offers;
        }
        $pulsing = self::of(OfferKind::HighSpeed, $moment->with(Aids::ofStops(0.0, $body->sync)), $solution, 0.0);

        // Where even the fastest shutter would not keep the aperture, it stays at sync speed and nothing is won.
        return $pulsing->settings->aids->pulsesAt($pulsing->settings->shutter) ? [...$offers, $pulsing] : $offers;
    }

    /** With the head where it is. */
    private static function of(OfferKind $kind, Moment $moment, Solution $solution, float $density): self
    {
        $light = $solution->best->light;
        $choice = ExposureChooser::for($moment)->choose($light->onFace());
        $wanted = FaceBalance::outputFor($moment, $choice->settings, $light->onFace());
        $isShort = $wanted > Tolerance::ROUNDING;

        return new self(
            $kind,
            $density,
            $choice->settings,
            Stops::of($choice->settings->aids->flashLoss($choice->settings->shutter)),
            $isShort ? null : $moment->flash->nearest($wanted),
            $isShort ? Stops::of($wanted) : null,
            !$isShort && $choice->tooBright <= 0.0 && $choice->tooDark <= 0.0,
        );
    }
}
