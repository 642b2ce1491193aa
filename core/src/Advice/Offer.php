<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Exposure\Aids;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\ExposureChooser;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Solve\Tolerance;

/**
 * What a filter or high-speed sync would do for a moment whose room is too bright for the
 * aperture that is liked, and what it costs.
 */
final readonly class Offer
{
    private function __construct(
        public OfferKind $kind,
        /** Stops of neutral density; 0 for high-speed sync. */
        public float $density,
        public string $sentence,
        /** Whether room and face then come out as wished. */
        public bool $reaches,
    ) {}

    /** @return list<self> none where sync speed is fast enough */
    public static function allFor(Solution $solution): array
    {
        $moment = $solution->moment->with(Aids::none());
        $body = $moment->body;
        $atSync = $body->sync->tv->value() + $moment->look->workingAperture->av->value() - $body->baseIso->sv->value();
        $excess = $moment->glow->ev - $atSync - $moment->roomLevel->value;
        if ($excess <= Tolerance::ROUNDING || $moment->look->isFree()) {
            return [];
        }
        $density = min(Aids::densityLimits()->max, ceil($excess - Tolerance::ROUNDING));
        $offers = [self::of(OfferKind::Density, $moment->with(Aids::of($density, null)), $solution, $density)];

        return $moment->flash->highSpeed ? [...$offers, self::of(OfferKind::HighSpeed, $moment->with(Aids::of(0.0, $body->sync)), $solution, 0.0)] : $offers;
    }

    /** With the head where it is. */
    private static function of(OfferKind $kind, Moment $moment, Solution $solution, float $density): self
    {
        $light = $solution->best->light;
        $chooser = ExposureChooser::for($moment);
        $choice = $chooser->choose($light->onFace());
        $wanted = $chooser->outputFor($choice->settings, $light->onFace());
        $cost = Stops::of($choice->settings->aids->flashLoss($choice->settings->shutter))->amount();
        $settings = "{$choice->settings->shutter->label()} and {$choice->settings->aperture->label()}";
        $flash = $wanted > Tolerance::ROUNDING
            ? sprintf('the flash then falls short by %s', Stops::of($wanted)->amount())
            : "the output is then {$moment->flash->nearest($wanted)->label()}";

        return new self($kind, $density, match ($kind) {
            OfferKind::Density => sprintf('A %s-stop ND filter gives %s, and takes %s from room and flash alike; %s.', Number::plain($density), $settings, $cost, $flash),
            OfferKind::HighSpeed => "High-speed sync gives $settings with the whole frame lit, and takes $cost from the flash alone; $flash.",
        }, $wanted <= Tolerance::ROUNDING && $choice->tooBright <= 0.0 && $choice->tooDark <= 0.0);
    }
}
