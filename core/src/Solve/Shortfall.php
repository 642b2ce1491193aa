<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;

/**
 * By how much the gear misses the wish, and which limits stand in the way.
 *
 * @see docs/physics.md, “Too much”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Shortfall
{
    /**
     * @param Stops $stops how far it misses, above 0
     * @param list<Limit> $limits that bound it
     */
    private function __construct(
        public ShortfallKind $kind,
        public Stops $stops,
        public array $limits,
    ) {}

    /** Stops over what is wished from which a face is too bright. */
    private const OVER = 0.5;

    /** @return list<self> everything that a candidate misses; empty when it gives what was asked */
    public static function allOf(Candidate $candidate, Moment $moment, Levels $levels): array
    {
        $choice = $candidate->choice;
        $room = $choice->inTheWay();
        $tooStrong = $candidate->tooStrong();
        $misses = [
            [ShortfallKind::RoomTooDark, $choice->tooDark, $room],
            [ShortfallKind::RoomTooBright, $choice->tooBright, $room],
            [ShortfallKind::FlashTooWeak, $candidate->tooWeak(), [Limit::FullOutput]],
            [ShortfallKind::FlashTooStrong, $tooStrong, [Limit::LowestOutput]],
            [
                ShortfallKind::FaceTooBright,
                $tooStrong > 0.0 || $choice->tooBright > 0.0 ? 0.0 : self::faceOver($moment, $levels),
                $room,
            ],
            [ShortfallKind::Smeared, $candidate->isOff() ? self::smear($choice, $moment) : 0.0, $room],
            [ShortfallKind::Shaky, $choice->shaky, [$choice->shutterBound === Limit::Held ? Limit::Held : Limit::Sync]],
        ];
        $all = [];
        foreach ($misses as [$kind, $stops, $limits]) {
            if ($stops > 0.0) {
                $all[] = new self($kind, Stops::of($stops), $limits);
            }
        }

        return $all;
    }

    /** A face that is as much over as its room and the fill are wished to be is as it is wished. */
    private static function faceOver(Moment $moment, Levels $levels): float
    {
        $over = $levels->face->value - max(0.0, FaceBalance::wished($moment->wishedOnFace(), $moment->look->fill)->value);

        return $over > self::OVER ? $over : 0.0;
    }

    /** Stops by which the shutter is slower than people stay sharp who nothing but the room lights. */
    private static function smear(ExposureChoice $choice, Moment $moment): float
    {
        $slow = $moment->blur()->sharpFrom() - $choice->settings->shutter->tv->value();

        return $slow > Tolerance::ROUNDING ? $slow : 0.0;
    }

    /** Whether a limit is among those that bound it. */
    public function has(Limit $limit): bool
    {
        return in_array($limit, $this->limits, true);
    }
}
