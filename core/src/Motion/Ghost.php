<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Quantity\Stops;

/**
 * What the room's light draws of somebody who moves, beside the figure that a pop has frozen.
 *
 * The moving body covers a place for a share c of the exposure, up to min(1, w/ℓ); there it sends
 * c·a·T, and what lies behind it (1 − c)·B. Frozen it sends f·T more.
 *
 * @see docs/physics.md, “Ghost”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Ghost
{
    /** Stops under the figure from which nobody sees it on a dark ground. */
    public const HARMLESS = 4.0;

    /** Stops against what lies behind from which it shows. */
    public const SHOWS = 0.1;

    /** Share of the frame's width from which an edge is a figure of its own. */
    private const SOFT = 0.01;

    private function __construct(
        public GhostVerdict $verdict,
        /** How far it lies under the frozen figure; endless without room light. */
        public Stops $under,
        /** Beside what lies behind; negative is darker. */
        public Stops $against,
        /** Share of what lies behind in the middle of the figure, 0 to 1. */
        public float $seenThrough,
        /** Share of the exposure for which a place in the trail is covered, 0 to 1. */
        public float $covered,
        /** Frame widths. */
        public float $smear,
        /** Share of the face's light that is the room's, 0 to 1. */
        public float $roomShare,
    ) {}

    /**
     * @param float $room light of the room on the person, as a ratio to correct, 0 or more
     * @param float $flash light of the pop on them, the same
     * @param float $tone their reflectance over mid-grey
     * @param float $behind light that comes from behind them by the room, its tone included, as a ratio to correct
     * @param float $behindFlash the same by the pop
     * @param float $width of the body, frame widths, above 0
     * @param float $smear frame widths, 0 or more
     * @param float $sharp frame widths of smear that still look sharp
     */
    public static function of(
        float $room,
        float $flash,
        float $tone,
        float $behind,
        float $behindFlash,
        float $width,
        float $smear,
        float $sharp = SubjectBlur::SHARP,
    ): self {
        $covered = $smear > 0.0 ? min(1.0, $width / $smear) : 1.0;
        // In the middle of the figure, frozen at an end of its way.
        $still = $smear > 0.0 ? min(1.0, $width / 2.0 / $smear) : 1.0;
        $figure = $flash * $tone + $still * $room * $tone + (1.0 - $still) * $behind;
        $ghost = $covered * $room * $tone;
        $under = Stops::ofRatio($ghost > 0.0 ? $figure / $ghost : INF);
        $ground = $behind + $behindFlash;
        $against = Stops::ofRatio($ground > 0.0 ? ($ghost + (1.0 - $covered) * $behind + $behindFlash) / $ground : INF);
        // Where the pop caught the trailing edge, what lies behind has had nearly all of the exposure.
        $burn = $flash * $tone > 0.0 ? $behind / ($flash * $tone) : INF;

        return new self(
            self::judged($smear, $sharp, $under, $against, $burn),
            $under,
            $against,
            $figure > 0.0 ? (1.0 - $still) * $behind / $figure : 0.0,
            $covered,
            $smear,
            $room + $flash > 0.0 ? $room / ($room + $flash) : 0.0,
        );
    }

    private static function judged(float $smear, float $sharp, Stops $under, Stops $against, float $burn): GhostVerdict
    {
        $bright = $against->value < 0.0;
        $shows = abs($against->value) >= self::SHOWS
            && ($bright ? $burn > 2.0 ** -self::HARMLESS : $under->value <= self::HARMLESS);

        return match (true) {
            $smear <= $sharp, !$shows => GhostVerdict::Clean,
            $bright => GhostVerdict::Eaten,
            $smear < self::SOFT => GhostVerdict::SoftEdge,
            default => GhostVerdict::Ghost,
        };
    }
}
