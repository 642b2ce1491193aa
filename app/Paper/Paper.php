<?php

declare(strict_types=1);

namespace App\Paper;

/** What a night is printed as. */
enum Paper: string
{
    /** A card for each bar. */
    case Cards = 'cards';
    /** The same, light on dark, for the screen of a phone. */
    case CardsDark = 'cards-dark';
    /** All settings on one page. */
    case Page = 'page';
    /** The whole score. */
    case Score = 'score';
    /** What to pack, with sets of cells. */
    case Packing = 'packing';

    /** @return array{float, float} width and height, mm */
    public function millimetres(): array
    {
        return match ($this) {
            self::Cards, self::CardsDark => [105.0, 148.0],
            self::Page, self::Packing => [148.0, 210.0],
            self::Score => [297.0, 210.0],
        };
    }

    /** @return view-string what it is made from */
    public function view(): string
    {
        return match ($this) {
            self::Cards, self::CardsDark => 'paper.cards',
            self::Page => 'paper.page',
            self::Score => 'paper.score',
            self::Packing => 'paper.packing',
        };
    }
}
