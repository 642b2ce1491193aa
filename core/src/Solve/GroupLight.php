<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\GroupPlace;

/**
 * What one way of pointing the head does for a whole group.
 *
 * @phpstan-all-methods-pure
 */
final readonly class GroupLight
{
    /** lx·s that stand for no light at all: ratios stay numbers. */
    private const DARK = 1e-9;

    /** @var array<string, float> luminous exposure on each face, lx·s */
    private array $onFaces;

    /** The same on the first from farther back, lx·s; null where the room ends before. */
    private ?float $fromBack;

    /**
     * @internal made by MomentSolver only
     *
     * @param array<string, Exposure> $onFaces by the places of GroupFaces
     */
    public function __construct(array $onFaces, ?Exposure $fromBack)
    {
        $this->onFaces = array_map(static fn(Exposure $e): float => max(self::DARK, $e->total()->luminance()), $onFaces);
        $this->fromBack = $fromBack === null ? null : max(self::DARK, $fromBack->total()->luminance());
    }

    /** @return array<string, Stops> flash there against the first face, by GroupPlace, the darker end of a row */
    public function falls(): array
    {
        $falls = [];
        foreach (GroupPlace::cases() as $place) {
            $sides = array_intersect_key($this->onFaces, array_flip([$place->value, "$place->value right"]));
            if ($sides !== []) {
                $falls[$place->value] = Stops::ofRatio(min($sides) / $this->onFaces[GroupPlace::FrontMiddle->value]);
            }
        }

        return $falls;
    }

    /** The most that any face gets less than the first; 0 where none does. */
    public function worst(): Stops
    {
        return Stops::of(min(0.0, ...array_map(static fn(Stops $fall): float => $fall->value, array_values($this->falls()))));
    }

    /** Flash that is lost from farther back; null where the room ends before. */
    public function stepBack(): ?Stops
    {
        return $this->fromBack === null ? null : Stops::ofRatio($this->onFaces[GroupPlace::FrontMiddle->value] / $this->fromBack);
    }
}
