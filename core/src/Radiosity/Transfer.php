<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

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
    ) {}

    public static function between(Patches $patches): self
    {
        $blocks = [];
        foreach ($patches->octantSeen() as $row) {
            foreach (array_chunk(self::combined($row), max(1, $patches->inOctant())) as $combination => $part) {
                $blocks[$combination][] = $part;
            }
        }

        return new self(array_values($blocks));
    }

    /**
     * From what light is worth where it arrives to what it is worth where it leaves; for three
     * bands at once, which have the matrix in common.
     *
     * @param array{list<float>, list<float>, list<float>} $worth by band and patch
     *
     * @return array{list<float>, list<float>, list<float>} by band and patch
     */
    public function back(array $worth): array
    {
        [$r, $g, $b] = array_map(self::combined(...), $worth);
        $reds = $greens = $blues = [];
        $start = 0;
        foreach ($this->blocks as $block) {
            foreach ($block as $row) {
                $red = $green = $blue = 0.0;
                $i = $start;
                foreach ($row as $share) {
                    $red += $share * $r[$i];
                    $green += $share * $g[$i];
                    $blue += $share * $b[$i];
                    ++$i;
                }
                $reds[] = $red / Patches::IMAGES;
                $greens[] = $green / Patches::IMAGES;
                $blues[] = $blue / Patches::IMAGES;
            }
            $start += count($block);
        }

        return array_map(self::combined(...), [$reds, $greens, $blues]);
    }

    /**
     * The other way: from what leaves patches to what arrives, for three bands at once.
     *
     * @param array{list<float>, list<float>, list<float>} $leaving light per area, by band and patch
     *
     * @return array{list<float>, list<float>, list<float>} by band and patch
     */
    public function forth(array $leaving): array
    {
        [$r, $g, $b] = array_map(self::combined(...), $leaving);
        $reds = $greens = $blues = array_fill(0, count($r), 0.0);
        $start = 0;
        foreach ($this->blocks as $block) {
            foreach ($block as $sender => $row) {
                $red = $r[$start + $sender] / Patches::IMAGES;
                $green = $g[$start + $sender] / Patches::IMAGES;
                $blue = $b[$start + $sender] / Patches::IMAGES;
                foreach ($row as $receiver => $share) {
                    $reds[$start + $receiver] += $share * $red;
                    $greens[$start + $receiver] += $share * $green;
                    $blues[$start + $receiver] += $share * $blue;
                }
            }
            $start += count($block);
        }

        return array_map(self::combined(...), [array_values($reds), array_values($greens), array_values($blues)]);
    }

    /**
     * Sums and differences over the mirror images; twice gives eight times the original.
     *
     * @param list<float> $values by patch
     *
     * @return list<float> by combination and place in the octant
     */
    private static function combined(array $values): array
    {
        $count = count($values);
        for ($apart = intdiv($count, Patches::IMAGES); $apart < $count; $apart *= 2) {
            for ($start = 0; $start < $count; $start += 2 * $apart) {
                for ($i = $start; $i < $start + $apart; ++$i) {
                    $a = $values[$i];
                    $b = $values[$i + $apart];
                    $values[$i] = $a + $b;
                    $values[$i + $apart] = $a - $b;
                }
            }
        }

        return array_values($values);
    }
}
