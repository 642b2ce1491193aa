<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Card\ClickCard;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Words\CardWords;
use Kaddle\Core\Words\Voice;

/** What a person carries through a moment, beside its settings: what to turn, and what to say. */
final readonly class CardDocument
{
    /**
     * @param list<CardCellDocument> $distances
     * @param list<CardCellDocument> $rows
     * @param list<CardCellDocument> $ceilings
     * @param list<CardRoomDocument> $rooms
     * @param list<string> $say
     */
    private function __construct(
        /** Identity of the moment. */
        public string $moment,
        /** "19:30" */
        public string $from,
        /** "second curtain: …"; '' where there is none to choose. */
        public string $curtain,
        /** Instead of all clicks, compensation that the flash must get when the unit meters for itself: "−⅔"; null where it cannot. */
        public ?string $compensation,
        /** Output by distance, nearest first; empty for a flash that is off, as are the two below. @var list<CardCellDocument> */
        public array $distances,
        /** First and last row of a group. @var list<CardCellDocument> */
        public array $rows,
        /** Under a pitched roof: as if the ceiling were level at so much. @var list<CardCellDocument> */
        public array $ceilings,
        /** The room darker and brighter than planned. @var list<CardRoomDocument> */
        public array $rooms,
        /** To the people in the picture. @var list<string> */
        public array $say,
    ) {}

    public static function of(ClickCard $card, Voice $voice): self
    {
        $scored = $card->scored;

        return new self(
            $scored->bar->moment,
            Evening::clock($scored->bar->from),
            CardWords::curtain($card),
            $card->automatic?->compensation()->signed(),
            CardCellDocument::all($card->distances, $voice),
            CardCellDocument::all($card->rows, $voice),
            CardCellDocument::all($card->ceilings, $voice),
            array_map(static fn(ScoredBar $room): CardRoomDocument => CardRoomDocument::of($room, $scored), $card->rooms),
            CardWords::say($card),
        );
    }
}
