<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

/**
 * What moves in a moment while the shutter is open, and how it is taken.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Drag
{
    public const MOST_LAMPS = 200;

    /** @param list<BackdropLamp> $lamps in the backdrop, up to 200 */
    public function __construct(
        public CameraMove $move,
        public bool $tripod,
        /** null to be advised. */
        public ?Curtain $curtain,
        /** s that a hand holds the shutter open; null as it is set. */
        public ?float $seconds,
        public array $lamps,
        /** People who pass between camera and subject; null for none. */
        public ?Going $crowd,
        /** Of the music; null where nobody counts. */
        public ?float $beatsPerMinute,
        /** Whether the flash is fired from afar. */
        public bool $isWireless,
        /** m that the lens is focused at; null for the face. */
        public ?float $focus,
        /** m from which all is to be sharp without looking; null where nobody asks. */
        public ?float $zoneFrom,
        /** m to which. */
        public ?float $zoneTo,
    ) {}

    /** Hands that hold still, nothing in the backdrop. */
    public static function none(): self
    {
        return new self(CameraMove::none(), false, null, null, [], null, null, false, null, null, null);
    }
}
