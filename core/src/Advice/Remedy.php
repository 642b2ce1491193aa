<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\ShortfallKind;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Solve\Tolerance;

/** Something that would help, and how many stops it is worth. */
final readonly class Remedy
{
    private function __construct(
        public RemedyKind $kind,
        /** What it buys, above 0. */
        public Stops $worth,
        /** How the room then reads, or what it is told by; null for a kind without. */
        public ?Stops $stops = null,
        /** ISO, guide number in m, or focal length in mm that would do; 0 for a kind without. */
        public float $figure = 0.0,
        /** Where the head would point; null for a kind without. */
        public ?HeadAim $aim = null,
        /** From where; null for a kind without. */
        public ?Length $distance = null,
    ) {}

    /** @return list<self> most stops first; none where the moment can be had */
    public static function allFor(Solution $solution): array
    {
        $moment = $solution->moment;
        $all = [];
        foreach ($solution->shortfalls as $shortfall) {
            $all = [...$all, ...match ($shortfall->kind) {
                ShortfallKind::RoomTooDark => self::forDarkRoom($moment, $shortfall->stops),
                ShortfallKind::RoomTooBright => self::forBrightRoom($shortfall->stops),
                ShortfallKind::FlashTooWeak => self::forWeakFlash(
                    $moment,
                    $solution->best,
                    $solution->candidates,
                    $shortfall->stops,
                ),
                ShortfallKind::FlashTooStrong => self::forStrongFlash($shortfall->stops),
                ShortfallKind::Shaky => self::forShake($moment, $shortfall->stops),
            }];
        }
        usort($all, static fn(self $a, self $b): int => $b->worth->value <=> $a->worth->value);

        return $all;
    }

    /** @return list<self> */
    private static function forDarkRoom(Moment $moment, Stops $short): array
    {
        return [
            new self(RemedyKind::LetRoomFall, $short, $moment->roomLevel->minus($short)),
            new self(RemedyKind::Stand, $short, $short),
            new self(RemedyKind::FasterLens, Stops::of(1.0)),
            new self(
                RemedyKind::HigherIso,
                $short,
                figure: round($moment->body->usableIso->value() * $short->ratio(), -2),
            ),
        ];
    }

    /** @return list<self> */
    private static function forBrightRoom(Stops $over): array
    {
        return [
            new self(RemedyKind::Filter, $over, Stops::of(ceil($over->value))),
            new self(RemedyKind::BrighterRoom, $over),
        ];
    }

    /**
     * A filter would not help: what it takes from the room has to come back, and brings the flash along.
     *
     * @return list<self>
     */
    private static function forStrongFlash(Stops $over): array
    {
        return [
            new self(RemedyKind::SlowerShutter, $over, $over),
            new self(RemedyKind::DarkerAim, Stops::of(1.0)),
        ];
    }

    /**
     * @param non-empty-list<Candidate> $candidates
     *
     * @return list<self>
     */
    private static function forWeakFlash(Moment $moment, Candidate $best, array $candidates, Stops $short): array
    {
        $remedies = [new self(RemedyKind::FasterLensOrIso, Stops::of(1.0))];
        if (is_finite($short->value)) {
            $number = ceil($moment->zoomFor($best->light->aim)->guideNumber * 2.0 ** ($short->value / 2.0));
            $remedies[] = new self(RemedyKind::StrongerUnit, $short, $short, $number);
        }
        foreach ($candidates as $other) {
            $gain = $best->wantedOutput - $other->wantedOutput;
            if ($other->light->aim !== $best->light->aim && $gain > Tolerance::ROUNDING && is_finite($other->wantedOutput)) {
                $remedies[] = new self(RemedyKind::OtherAim, Stops::of($gain), aim: $other->light->aim);
            }
        }

        return $best->light->aim->isBounced() ? $remedies : [...$remedies, self::closer($moment, $short)];
    }

    /** Direct light only: H ∝ 1/d². */
    private static function closer(Moment $moment, Stops $short): self
    {
        $distance = $moment->scene->face->minus($moment->scene->head)->length() * 2.0 ** (-$short->value / 2.0);

        return new self(RemedyKind::Closer, $short, distance: Length::ofMetres($distance));
    }

    /** @return list<self> */
    private static function forShake(Moment $moment, Stops $short): array
    {
        return [
            new self(RemedyKind::StandOrStabiliser, $short),
            new self(
                RemedyKind::ShorterLens,
                $short,
                figure: floor($moment->lens->focalLength * 2.0 ** -$short->value),
            ),
        ];
    }
}
