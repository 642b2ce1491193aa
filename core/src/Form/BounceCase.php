<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Probe;

/** A room, heads and the places at which its light is asked for. */
final readonly class BounceCase
{
    /**
     * @param non-empty-list<Head> $heads
     * @param array<string, Probe> $probes
     */
    private function __construct(
        public string $id,
        public BoxRoom $room,
        /** @var non-empty-list<Head> */
        public array $heads,
        /** face, crown, left, right and background */
        public array $probes,
    ) {}

    /**
     * @param non-empty-list<Head> $heads
     * @param Probe $face its normal lies level, towards the camera; crown, left and right follow from it
     */
    public static function of(string $id, BoxRoom $room, array $heads, Probe $face, Probe $background): self
    {
        $left = Direction::along(Direction::up()->unit->cross($face->normal->unit));

        return new self($id, $room, $heads, [
            'face' => $face,
            'crown' => Probe::at($face->point, Direction::up()),
            'left' => Probe::at($face->point, $left),
            'right' => Probe::at($face->point, $left->opposite()),
            'background' => $background,
        ]);
    }

    /** @return array<string, Exposure> at full power of every head, by probe */
    public function exposures(): array
    {
        return FlashInRoom::of($this->room)->at($this->probes)->exposures(...$this->heads);
    }
}
