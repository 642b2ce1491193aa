<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Card\CardCell;
use Kaddle\Core\Words\CardWords;
use Kaddle\Core\Words\Voice;

/** A line of a card: a distance, a row of people or a ceiling, and the output that it asks for. */
final readonly class CardCellDocument
{
    private function __construct(
        /** The distance or the height in words, with its unit. */
        public string $label,
        /** The same in m. */
        public float $metres,
        /** "1/16 +⅓" */
        public string $output,
        /** Clicks of output from where the card has it; above 0 turns up. */
        public int $clicks,
        /** The same as it is written: "+2". */
        public string $turn,
        /** Stops that the unit lacks at full power, above 0, or gives too much at its lowest, below 0; null where no light gets there. */
        public ?float $lack,
        /** The last in words; '' for 0. */
        public string $note,
    ) {}

    public static function of(CardCell $cell, Voice $voice): self
    {
        return new self(
            $voice->length($cell->at),
            round($cell->at->metres, 4),
            $cell->output->label(),
            $cell->clicks,
            CardWords::clicks($cell),
            Rounded::stops($cell->lack),
            CardWords::lack($cell),
        );
    }

    /**
     * @param list<CardCell> $cells
     *
     * @return list<self>
     */
    public static function all(array $cells, Voice $voice): array
    {
        return array_map(static fn(CardCell $c): self => self::of($c, $voice), $cells);
    }
}
