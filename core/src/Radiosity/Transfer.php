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
    /** Rounds of scaling; all that a patch sees is then one within two thousandths. */
    private const ROUNDS = 8;

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

        $areas = array_map(static fn(Patch $patch): float => $patch->area, array_slice($patches->all, 0, $patches->inOctant()));

        return new self(self::balanced(array_values($blocks), $areas));
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
     * What a rectangle sends to the middle of another is not quite what it gets from there. The mean of both ways is
     * the same both ways, and is scaled, both ways alike, until all that a patch sees is one.
     *
     * @param list<list<list<float>>> $blocks
     * @param list<float> $areas m² of the patches of the octant
     *
     * @return list<list<list<float>>>
     */
    private static function balanced(array $blocks, array $areas): array
    {
        // The first block is that of all images together.
        $scales = self::scales(self::mean($blocks[0] ?? [], $areas, array_fill(0, count($areas), 1.0)));

        return array_map(static fn(array $block): array => self::mean($block, $areas, $scales), $blocks);
    }

    /**
     * Of a factor and the one back, by area; times the scales of both.
     *
     * @param list<list<float>> $block
     * @param list<float> $areas m²
     * @param list<float> $scales
     *
     * @return list<list<float>>
     */
    private static function mean(array $block, array $areas, array $scales): array
    {
        $mean = $perArea = [];
        foreach ($areas as $patch => $area) {
            $perArea[] = $scales[$patch] / $area;
        }
        foreach ($block as $sender => $row) {
            $there = 0.5 * $scales[$sender];
            $back = $there * $areas[$sender];
            $shares = [];
            foreach ($row as $receiver => $share) {
                $shares[] = $there * $scales[$receiver] * $share + $back * $perArea[$receiver] * $block[$receiver][$sender];
            }
            $mean[] = $shares;
        }

        return $mean;
    }

    /**
     * @param list<list<float>> $seen by sender and receiver
     *
     * @return list<float> by patch
     */
    private static function scales(array $seen): array
    {
        $scales = array_fill(0, count($seen), 1.0);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $sums = array_fill(0, count($seen), 0.0);
            foreach ($seen as $sender => $row) {
                $scale = $scales[$sender];
                foreach ($row as $receiver => $share) {
                    $sums[$receiver] += $scale * $share;
                }
            }
            foreach ($sums as $receiver => $sum) {
                $scales[$receiver] = sqrt($scales[$receiver] / $sum);
            }
        }

        return array_values($scales);
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
