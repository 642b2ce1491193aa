<?php

declare(strict_types=1);

namespace App\Planning;

use App\Data\KitCellData;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Kit\KitCell;
use Kaddle\Core\Kit\KitCheck;
use Kaddle\Core\Kit\Purchase;
use Kaddle\Core\Kit\PurchaseKind;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Words\KitWords;

/** What a kit check of one moment came to. */
final readonly class KitResult
{
    /** Grows whenever results are kept in another form; older ones are then worked out anew. */
    public const FORM = 3;

    /** Stops to spare from which nobody asks what to rent. */
    private const PLENTY = 1.0;

    /**
     * @param list<KitCellData> $cells
     * @param list<Purchase> $purchases
     */
    private function __construct(
        /** In the order of the ways. */
        public array $cells,
        /** Place of the cell with most to spare. */
        public int $best,
        /** What would add to the best one; none where there is plenty. */
        public array $purchases,
    ) {}

    public static function of(KitCheck $check): self
    {
        $best = $check->best();

        return new self(
            array_map(self::cell(...), $check->cells),
            (int) array_search($best, $check->cells, true),
            $best->stops()->value < self::PLENTY ? $check->purchases() : [],
        );
    }

    /** @param array<string, mixed> $kept as toStore() gave it under the fingerprint of today */
    public static function fromKept(array $kept): self
    {
        /** @var array{cells: list<array{way: string, lens: string, stops: float|null, short: bool, bound: string, head: string}>, best: int, purchases: list<array{kind: string, gain: float, metres: float, aim: string|null}>} $kept */
        return new self(
            array_map(static fn(array $cell): KitCellData => new KitCellData(...$cell), $kept['cells']),
            $kept['best'],
            array_map(self::purchase(...), $kept['purchases']),
        );
    }

    /** @param array{kind: string, gain: float, metres: float, aim: string|null} $kept */
    private static function purchase(array $kept): Purchase
    {
        return Purchase::of(
            PurchaseKind::from($kept['kind']),
            Stops::of($kept['gain']),
            $kept['metres'],
            $kept['aim'] === null ? null : HeadAim::from($kept['aim']),
        );
    }

    private static function cell(KitCell $cell): KitCellData
    {
        $stops = $cell->stops()->value;

        return new KitCellData(
            KitWords::way($cell->way),
            $cell->way->lensName,
            is_finite($stops) ? round($stops, 2) : null,
            $cell->isShort(),
            $cell->bound()->inWords(),
            $cell->aim()?->inWords() ?? 'no way',
        );
    }

    /** @return array<string, mixed> */
    public function toStore(): array
    {
        return [
            'cells' => $this->cells,
            'best' => $this->best,
            'purchases' => array_map(
                static fn(Purchase $p): array => [
                    'kind' => $p->kind->value,
                    'gain' => $p->gain->value,
                    'metres' => $p->metres,
                    'aim' => $p->aim?->value,
                ],
                $this->purchases,
            ),
        ];
    }

    /** Stops that the best way has to spare; endlessly few where no light arrives. */
    public function margin(): float
    {
        return $this->cells[$this->best]->stops ?? -INF;
    }
}
