<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Words\CardWords;

/** What to turn when the room is not as bright as it was planned. */
final readonly class CardRoomDocument
{
    /** @param list<string> $turns */
    private function __construct(
        /** Glow against the planned one, stops. */
        public float $stops,
        /** "Room 1 stop darker" */
        public string $label,
        /** From where the card stands: "ISO 3 up". @var list<string> */
        public array $turns,
        public bool $feasible,
        /** What cannot be had even so; '' for nothing. */
        public string $short,
    ) {}

    public static function of(ScoredBar $room, ScoredBar $card): self
    {
        $stops = round($room->bar->light->glow->ev - $card->bar->light->glow->ev, 2);

        return new self(
            $stops,
            sprintf('Room %s %s', Stops::of(abs($stops))->amount(), $stops < 0.0 ? 'darker' : 'brighter'),
            CardWords::turns($room),
            $room->solution->isFeasible(),
            CardWords::short($room),
        );
    }
}
