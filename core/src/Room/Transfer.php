<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * Which share of a patch's light reaches which other patch, for all pairs at once.
 *
 * An evenly cut box looks the same in each of its mirror images, so the matrix is a
 * convolution over the eight images: in the basis of their sums and differences (the
 * Walsh–Hadamard transform) it falls into eight small blocks. That leaves an eighth of
 * the work, both in setting up and in every reflection.
 */
final readonly class Transfer
{
    /** @param list<list<list<float>>> $blocks [combination of images][sender][receiver], both in the octant */
    private function __construct(
        private array $blocks,
        private int $octant,
    ) {}

    public static function between(Patches $patches): self
    {
        $octant = $patches->inOctant();
        $blocks = [];
        foreach (array_slice($patches->all, 0, $octant) as $sender) {
            $row = [];
            foreach ($patches->all as $receiver) {
                $row[] = $receiver->face === $sender->face ? 0.0 : $sender->seenFrom($receiver);
            }
            foreach (array_chunk(self::combined($row, $octant), max(1, $octant)) as $combination => $part) {
                $blocks[$combination][] = $part;
            }
        }

        return new self(array_values($blocks), $octant);
    }

    /**
     * From what light is worth where it arrives to what it is worth where it leaves.
     *
     * @param list<float> $worth by patch
     *
     * @return list<float> by patch
     */
    public function back(array $worth): array
    {
        $combined = self::combined($worth, $this->octant);
        $sums = [];
        foreach ($this->blocks as $combination => $block) {
            $part = array_slice($combined, $combination * $this->octant, $this->octant);
            foreach ($block as $row) {
                $sum = 0.0;
                foreach ($row as $receiver => $share) {
                    $sum += $share * $part[$receiver];
                }
                $sums[] = $sum / Patches::IMAGES;
            }
        }

        return self::combined($sums, $this->octant);
    }

    /**
     * Sums and differences over the mirror images; twice gives eight times the original.
     *
     * @param list<float> $values by patch
     *
     * @return list<float>
     */
    private static function combined(array $values, int $octant): array
    {
        for ($bit = 1; $bit < Patches::IMAGES; $bit *= 2) {
            for ($image = 0; $image < Patches::IMAGES; ++$image) {
                if (($image & $bit) !== 0) {
                    continue;
                }
                $here = $image * $octant;
                $there = ($image | $bit) * $octant;
                for ($i = 0; $i < $octant; ++$i) {
                    $a = $values[$here + $i];
                    $b = $values[$there + $i];
                    $values[$here + $i] = $a + $b;
                    $values[$there + $i] = $a - $b;
                }
            }
        }

        return array_values($values);
    }
}
