<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

/**
 * The day as an event sees it: it ends at six in the morning, not at midnight.
 *
 * @see docs/physics.md, “The clocks”
 */
final class Evening
{
    /** Minutes after midnight at which one day of events ends and the next begins. */
    public const TURN = 6 * 60;

    /** Minutes of a day of events, from six to six. */
    public const DAY = 24 * 60;

    private function __construct() {}

    /** Minutes since six in the morning of a time like "19:30"; 0 to 1439. */
    public static function minutes(string $clock): int
    {
        return ((int) substr($clock, 0, 2) * 60 + (int) substr($clock, 3, 2) + self::DAY - self::TURN) % self::DAY;
    }

    /** The other way: "19:30"; minutes beyond the day go round. */
    public static function clock(int $minutes): string
    {
        $ofDay = (($minutes + self::TURN) % self::DAY + self::DAY) % self::DAY;

        return sprintf('%02d:%02d', intdiv($ofDay, 60), $ofDay % 60);
    }

    /**
     * The very moment at which a clock of a zone shows a time in the night that begins on a date.
     *
     * A time that a change to summer time leaves out is taken an hour later, one that
     * comes twice as its first.
     *
     * @param string $date "2027-09-18"
     */
    public static function moment(string $date, string $clock, \DateTimeZone $zone): \DateTimeImmutable
    {
        $day = new \DateTimeImmutable($date, $zone);
        $start = self::minutes($clock) >= self::DAY - self::TURN ? $day->modify('+1 day') : $day;

        return $start->setTime((int) substr($clock, 0, 2), (int) substr($clock, 3, 2));
    }

    /**
     * The same for a minute since six in the morning, and a part of one.
     *
     * @param string $date "2027-09-18"
     */
    public static function momentOf(string $date, float $minute, \DateTimeZone $zone): \DateTimeImmutable
    {
        $whole = (int) floor($minute);
        $at = self::moment($date, self::clock($whole), $zone);

        return $at->setTimestamp($at->getTimestamp() + (int) round(60.0 * ($minute - $whole)));
    }

    /** The day on which the evening of a local time began: "2027-09-18". */
    public static function dateOf(\DateTimeImmutable $local): string
    {
        return $local->modify(sprintf('-%d minutes', self::TURN))->format('Y-m-d');
    }
}
