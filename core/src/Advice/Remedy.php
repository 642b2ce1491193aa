<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Situation\Scene;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\ShortfallKind;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Solve\Tolerance;

/** Something that would help, and how many stops it is worth. */
final readonly class Remedy
{
    /** Longest lens that people have along to such a night, mm: from farther away nobody gets the same frame. */
    private const LONGEST_LENS = 200.0;

    /** What somebody who takes a picture needs before a wall, m. */
    private const STANDS = 0.5;

    /** From nearer, m, nobody takes pictures of people. */
    private const NEAREST = 1.0;

    /** Stops of ISO beyond what somebody delivers that may be thought of. */
    private const MORE_ISO = 3.0;

    /** Guide number in m, at any zoom, beyond which no unit goes on a camera. */
    private const STRONGEST_UNIT = 90.0;

    /** Stops under which a few steps are not worth a word. */
    private const WORTH_IT = 1.0 / 3.0;

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
        /** What to put on the head; null for a kind without. */
        public ?ModifierKind $modifier = null,
    ) {}

    /**
     * @param Spares|null $spares what the bag holds; null where nobody knows
     *
     * @return list<self> for each shortfall most stops first, for a flash that is too strong the cheapest; none where the moment can be had
     */
    public static function allFor(Solution $solution, ?Spares $spares = null): array
    {
        $moment = $solution->moment;
        $all = [];
        foreach ($solution->shortfalls as $shortfall) {
            $ways = match ($shortfall->kind) {
                ShortfallKind::RoomTooDark => $shortfall->has(Limit::LowestOutput)
                    ? self::forStrongFlash($solution, $shortfall->stops, $spares ?? Spares::usual())
                    : self::forDarkRoom($moment, $shortfall->stops),
                ShortfallKind::RoomTooBright => self::forBrightRoom($moment, $shortfall->stops),
                ShortfallKind::FlashTooWeak => self::forWeakFlash(
                    $moment,
                    $solution->best,
                    $solution->candidates,
                    $shortfall->stops,
                ),
                ShortfallKind::FlashTooStrong => self::forStrongFlash($solution, $shortfall->stops, $spares ?? Spares::usual()),
                ShortfallKind::FaceTooBright => [new self(RemedyKind::LessLight, $shortfall->stops, $shortfall->stops)],
                ShortfallKind::Smeared => self::forSmear($moment, $shortfall->stops),
                ShortfallKind::Shaky => self::forShake($moment, $shortfall->stops),
            };
            if (!$shortfall->has(Limit::LowestOutput)) {
                usort($ways, static fn(self $a, self $b): int => $b->worth->value <=> $a->worth->value);
            }
            foreach ($ways as $way) {
                $all[$way->kind->value . $way->aim?->value] ??= $way; // what helps two of them is said once
            }
        }

        return array_values($all);
    }

    /** @return list<self> */
    private static function forDarkRoom(Moment $moment, Stops $short): array
    {
        return [
            new self($moment->look->withoutFlash ? RemedyKind::DarkerFrame : RemedyKind::LetRoomFall, $short, $moment->roomLevel->minus($short)),
            new self(RemedyKind::Stand, $short, $short),
            new self(RemedyKind::FasterLens, Stops::of(1.0)),
            ...self::higherIso($moment, $short),
        ];
    }

    /** @return list<self> */
    private static function forBrightRoom(Moment $moment, Stops $over): array
    {
        return [
            new self(RemedyKind::Filter, $over, Stops::of(ceil($over->value))),
            ...($moment->look->withoutFlash ? [] : [new self(RemedyKind::BrighterRoom, $over)]),
        ];
    }

    /**
     * A filter would not help: what it takes from the room has to come back, and brings the flash along.
     * In the order of what they cost: a stand, a cap, the colour of the flash, a few steps, the room.
     *
     * @return list<self>
     */
    private static function forStrongFlash(Solution $solution, Stops $over, Spares $spares): array
    {
        $moment = $solution->moment;
        $light = $solution->best->light;

        return [
            new self(RemedyKind::SlowerShutter, $over, $over),
            ...($moment->flash->outfit->modifier === null ? self::covers($solution, $over, $spares) : []),
            ...(!$moment->flash->outfit->hasGel() ? self::gels($over, $spares) : []),
            ...($light->isBounced() ? [new self(RemedyKind::DarkerAim, Stops::of(1.0))] : self::farther($moment, $over)),
            ...($solution->best->choice->isFallenForFlash() ? [] : [
                new self(RemedyKind::LetRoomFallForFlash, $over, $moment->roomLevel->minus($over)),
            ]),
        ];
    }

    /** @return list<self> the one that takes just enough, or most */
    private static function covers(Solution $solution, Stops $over, Spares $spares): array
    {
        $beam = $solution->head()->beam;
        $dims = [];
        foreach ($spares->modifiers as $i => $modifier) {
            if ($modifier->kind->coversHead()) {
                $dims[$i] = $modifier->dims($beam);
            }
        }
        asort($dims);
        $enough = array_filter($dims, static fn(float $stops): bool => $stops >= $over->value);
        $best = array_key_first($enough) ?? array_key_last($dims);

        return $best === null ? [] : [new self(
            RemedyKind::Cover,
            Stops::of(min($over->value, $dims[$best])),
            Stops::of($dims[$best]),
            modifier: $spares->modifiers[$best]->kind,
        )];
    }

    /** @return list<self> the two that take most */
    private static function gels(Stops $over, Spares $spares): array
    {
        $losses = array_map(static fn(Gel $gel): float => $gel->loss->value, $spares->gels);
        rsort($losses);
        $taken = array_sum(array_slice($losses, 0, $losses !== [] && $losses[0] >= $over->value ? 1 : 2));

        return $taken > 0.0 ? [new self(RemedyKind::Gels, Stops::of(min($over->value, $taken)), Stops::of($taken))] : [];
    }

    /** @return list<self> direct light only: as far as the wall behind the camera and the longest lens allow */
    private static function farther(Moment $moment, Stops $over): array
    {
        $scene = $moment->scene;
        $toWall = $scene->room->reflectance(Face::Back)->share->luminance() > 0.0 ? $scene->face->x - self::STANDS : INF;

        return self::standing(RemedyKind::StepBack, $scene, $over, min($toWall, $scene->distance * self::LONGEST_LENS / $moment->lens->focalLength));
    }

    /** @return list<self> */
    private static function forSmear(Moment $moment, Stops $slow): array
    {
        return [
            new self(RemedyKind::LetRoomFallForMovers, $slow, $moment->roomLevel->minus($slow)),
            ...self::higherIso($moment, $slow),
            new self(RemedyKind::FasterLens, Stops::of(1.0)),
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
        $number = ceil($moment->zoomFor($best->light->aim)->guideNumber * 2.0 ** ($short->value / 2.0));
        if ($number <= self::STRONGEST_UNIT) {
            $remedies[] = new self(RemedyKind::StrongerUnit, $short, $short, $number);
        }
        foreach ($candidates as $other) {
            $gain = $best->wantedOutput - $other->wantedOutput;
            if ($other->light->aim !== $best->light->aim && $gain > Tolerance::ROUNDING && is_finite($other->wantedOutput)) {
                $remedies[] = new self(RemedyKind::OtherAim, Stops::of($gain), aim: $other->light->aim);
            }
        }

        return $best->light->isBounced() ? $remedies : [...$remedies, ...self::standing(RemedyKind::Closer, $moment->scene, $short, self::NEAREST)];
    }

    /**
     * Standing elsewhere, for direct light (H ∝ 1/d²), as far as that goes; none where it is hardly worth it.
     *
     * @param Stops $asked of light less, or more
     * @param float $limit to the subject, m
     *
     * @return list<self>
     */
    private static function standing(RemedyKind $kind, Scene $scene, Stops $asked, float $limit): array
    {
        $isFarther = $kind === RemedyKind::StepBack;
        $rise = ($scene->face->z - $scene->head->z) ** 2;
        $now = $scene->distance ** 2 + $rise;
        $enough = sqrt(max(0.0, $now * ($isFarther ? $asked->ratio() : 1.0 / $asked->ratio()) - $rise));
        if ($isFarther ? $enough <= $limit : $enough >= $limit) {
            return [new self($kind, $asked, distance: Length::ofMetres($enough))];
        }
        $buys = Stops::of(abs(log(($limit ** 2 + $rise) / $now, 2)));

        return $buys->value < self::WORTH_IT || ($limit > $scene->distance) !== $isFarther ? [] : [new self($kind, $buys, $buys, distance: Length::ofMetres($limit))];
    }

    /** @return list<self> the nearest that a body shows */
    private static function higherIso(Moment $moment, Stops $short): array
    {
        $body = $moment->body;
        $wanted = $body->usableIso->sv->value() + $short->value;
        $isos = Iso::scale($body->step, $body->usableIso, Iso::highest($body->step));
        if ($short->value > self::MORE_ISO || $wanted > $isos[count($isos) - 1]->sv->value() + Tolerance::ROUNDING) {
            return [];
        }
        $off = array_map(static fn(Iso $iso): float => abs($iso->sv->value() - $wanted), $isos);

        return [new self(RemedyKind::HigherIso, $short, figure: (float) $isos[array_search(min($off), $off, true)]->label())];
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
