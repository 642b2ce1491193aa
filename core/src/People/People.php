<?php

declare(strict_types=1);

namespace Kaddle\Core\People;

use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Motion\Going;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * Who is in the picture, as far as it decides blur, depth and what a meter makes of it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class People
{
    /** m of a person that a frame of people shows: width of one, and height down to the hips. */
    private const WIDE = 0.5;
    private const TALL = 1.1;

    /** A frame is never all people, nor none. */
    private const LEAST = 0.03;
    private const MOST = 0.7;

    /** Share of light that mid-grey sends back, to which exposures are correct. */
    public const MID_GREY = 0.18;

    private function __construct(
        public Movement $movement,
        /** m from the first row of faces to the last; 0 for one row. */
        public float $depth,
        public Clothing $clothing,
        /** What stands behind them. */
        public Behind $behind,
        /** How many are in the picture, 1 to 300. */
        public int $count,
        /** What shines behind them, where somebody says; null takes the usual for what stands there. */
        public ?Shining $shining,
        /** How fast and which way: as somebody says, or as is usual for the movement, across the picture. */
        public Going $going,
        /** One behind the other, 1 to 20. */
        public int $rows,
        /** m from the first to the last of a row, where somebody says; null takes what so many need. */
        public ?float $width,
    ) {}

    /**
     * @param float $depth m from the first to the last row, 0 to 20
     * @param int $count people in the picture, 1 to 300
     * @param int|null $rows 1 to 20; null for one, and for two where there is any depth
     * @param float|null $width m from end to end, 0 to 60
     *
     * @throws OutOfRange
     */
    public static function ofMetres(
        Movement $movement,
        float $depth,
        Clothing $clothing,
        Behind $behind,
        int $count = 1,
        ?Shining $shining = null,
        ?Going $going = null,
        ?int $rows = null,
        ?float $width = null,
    ): self {
        return new self(
            $movement,
            self::depthRange()->checked('depth of the group', $depth),
            $clothing,
            $behind,
            (int) self::countRange()->checked('number of people', $count),
            $shining,
            $going ?? Going::ofMetresPerSecond($movement->speed()),
            (int) self::rowRange()->checked('number of rows', $rows ?? ($depth > 0.0 ? 2 : 1)),
            $width === null ? null : self::widthRange()->checked('width of the group', $width),
        );
    }

    /** Whether there is more than one face to be lit. */
    public function isGroup(): bool
    {
        return $this->isCounted() || $this->depth > 0.0 || $this->rows > 1;
    }

    /** Whether anybody has said how wide they stand or how many they are. */
    public function isCounted(): bool
    {
        return $this->count > 1 || $this->width !== null;
    }

    /** People in a full row, 1 or more. */
    public function inRow(): int
    {
        return (int) ceil($this->count / $this->rows);
    }

    /** m from one to the next in a row. */
    public function apart(): float
    {
        return $this->across() / $this->inRow();
    }

    /** m from end to end: as somebody says, or shoulder to shoulder in their rows. */
    public function across(): float
    {
        return $this->width ?? self::WIDE * $this->inRow();
    }

    /** Share of the frame that is people, 0 to 1: of those behind, as much again as is seen of them. @param float $distance m */
    public function shareOfFrame(Optics $optics, float $distance): float
    {
        $f35 = $optics->f35();
        $frame = 36.0 * 24.0 * ($distance / $f35) ** 2;
        $across = min($this->width ?? INF, self::WIDE * $this->count);

        return max(self::LEAST, min(self::MOST, $across * min(self::TALL, 24.0 * $distance / $f35) / $frame));
    }

    public static function rowRange(): Range
    {
        return Range::between(1.0, 20.0, 'rows', 1.0);
    }

    /** From one row to the next. */
    public static function gapRange(): Range
    {
        return Range::between(0.2, 5.0, 'm', 0.1);
    }

    public static function widthRange(): Range
    {
        return Range::between(0.0, 60.0, 'm', 0.1);
    }

    public static function countRange(): Range
    {
        return Range::between(1.0, 300.0, 'people', 1.0);
    }

    public static function depthRange(): Range
    {
        return Range::between(0.0, 20.0, 'm', 0.1);
    }
}
