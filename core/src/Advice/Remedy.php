<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Quantity\Number;
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
        public string $sentence,
        /** What it buys, above 0. */
        public Stops $worth,
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
                ShortfallKind::FlashTooWeak => self::forWeakFlash($moment, $solution->best, $solution->candidates, $shortfall->stops),
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
        $reads = $moment->roomLevel->minus($short);
        $iso = Number::plain(round($moment->body->usableIso->value() * $short->ratio(), -2));

        return [
            new self("Let the room fall to {$reads->signed()} stops and let the flash carry the picture.", $short),
            new self("Rest the camera on a stand: the shutter may then be {$short->amount()} slower, as long as people keep still.", $short),
            new self('A lens that opens one stop wider buys one stop of room and of flash.', Stops::of(1.0)),
            new self("Files at about ISO $iso would close the gap alone.", $short),
        ];
    }

    /** @return list<self> */
    private static function forBrightRoom(Stops $over): array
    {
        $filter = Stops::of(ceil($over->value))->amount();

        return [
            new self("A neutral density filter of $filter before the lens takes the room down, and the flash with it.", $over),
            new self('Let the room read brighter, or wait for dusk: then the flash is only fill.', $over),
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
            new self("A shutter {$over->amount()} slower, with as much less ISO or a smaller opening, leaves the room as it is and takes the flash down: rest the camera, or choose low ISO and long time.", $over),
            new self('Point the head at something darker or farther away.', Stops::of(1.0)),
        ];
    }

    /**
     * @param non-empty-list<Candidate> $candidates
     *
     * @return list<self>
     */
    private static function forWeakFlash(Moment $moment, Candidate $best, array $candidates, Stops $short): array
    {
        $remedies = [
            new self('A lens that opens one stop wider, or one more usable stop of ISO, buys one stop of flash and of room.', Stops::of(1.0)),
        ];
        if (is_finite($short->value)) {
            $number = Number::plain(ceil($moment->zoomFor($best->light->aim)->guideNumber * 2.0 ** ($short->value / 2.0)));
            $remedies[] = new self("A unit of guide number $number m at this zoom would reach, or {$short->amount()} worth of units side by side.", $short);
        }
        foreach ($candidates as $other) {
            $gain = $best->wantedOutput - $other->wantedOutput;
            if ($other->light->aim !== $best->light->aim && $gain > Tolerance::ROUNDING && is_finite($other->wantedOutput)) {
                $remedies[] = new self(self::pointing($other, $gain), Stops::of($gain));
            }
        }

        return $best->light->aim->isBounced() ? $remedies : [...$remedies, self::closer($moment, $short)];
    }

    private static function pointing(Candidate $other, float $gain): string
    {
        $words = $other->light->aim->inSentence();

        return is_finite($gain)
            ? sprintf('Pointing the head %s gains %s%s.', $words, Stops::of($gain)->amount(), $other->light->aim->isBounced() ? '' : ', at the price of hard, flat light')
            : sprintf('Pointing the head %s does bring light to the face.', $words);
    }

    /** Direct light only: H ∝ 1/d². */
    private static function closer(Moment $moment, Stops $short): self
    {
        $distance = $moment->scene->face->minus($moment->scene->head)->length() * 2.0 ** (-$short->value / 2.0);

        return new self(sprintf('Standing %s m away instead would be enough.', Number::plain($distance, 1)), $short);
    }

    /** @return list<self> */
    private static function forShake(Moment $moment, Stops $short): array
    {
        $focal = Number::plain(floor($moment->lens->focalLength * 2.0 ** -$short->value));

        return [
            new self('Rest the camera on a stand, or use a stabilised lens.', $short),
            new self("At $focal mm hands can hold sync speed.", $short),
        ];
    }
}
