<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

/**
 * Which share of a patch's light reaches which other patch, for all pairs at once, in the basis of MirrorImages: an eighth
 * of the work, both in setting up and in every reflection.
 *
 * F of a pair times the root of the sender's area over the receiver's is the same both ways (A·F = A′·F′), so one
 * symmetric matrix leads light from patch to patch, and what light is worth back.
 */
final readonly class Transfer
{
    /** Rounds of scaling; all that a patch sees is then one within two thousandths. */
    private const ROUNDS = 8;

    /** @param list<list<list<float>>> $blocks [combination of images][patch of the octant][patch of the octant], symmetric */
    private function __construct(
        private array $blocks,
    ) {}

    public static function between(Patches $patches): self
    {
        $inOctant = max(1, $patches->inOctant());
        $roots = array_map(static fn(Patch $patch): float => sqrt($patch->area), array_slice($patches->all, 0, $inOctant));
        $factors = MirrorImages::combined($patches->octantSeen());
        // The first block is that of all images together.
        $scales = self::scales(self::symmetric($factors, 0, $roots, array_fill(0, $inOctant, 1.0)), $roots);
        $blocks = [];
        for ($combination = 0; $combination < Patches::IMAGES; ++$combination) {
            $blocks[] = self::symmetric($factors, $combination * $inOctant * $inOctant, $roots, $scales);
        }

        return new self($blocks);
    }

    /**
     * One way from patch to patch, for three bands at once, which have the matrix in common.
     *
     * @param list<float> $r combined, light over the root of a patch's area
     * @param list<float> $g
     * @param list<float> $b
     *
     * @return array{list<float>, list<float>, list<float>} of the same kind
     */
    public function led(array $r, array $g, array $b): array
    {
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
                $reds[] = $red;
                $greens[] = $green;
                $blues[] = $blue;
            }
            $start += count($block);
        }

        return [$reds, $greens, $blues];
    }

    /**
     * What a rectangle sends to the middle of another is not quite what it gets from there: the mean of both ways, scaled.
     *
     * @param list<float> $factors combined, from the middles of patches, and for each to patches of the octant
     * @param int $start of the block's
     * @param list<float> $roots of areas, m
     * @param list<float> $scales by patch
     *
     * @return list<list<float>>
     */
    private static function symmetric(array $factors, int $start, array $roots, array $scales): array
    {
        $over = $times = [];
        foreach ($roots as $patch => $root) {
            $over[] = $scales[$patch] / $root;
            $times[] = $scales[$patch] * $root;
        }
        $mean = [];
        $count = count($roots);
        foreach ($times as $receiver => $there) {
            $back = $over[$receiver];
            $row = $start + $receiver * $count;
            $column = $start + $receiver;
            $shares = [];
            foreach ($over as $sender => $from) {
                $shares[] = 0.5 * ($there * $from * $factors[$row + $sender] + $back * $times[$sender] * $factors[$column + $sender * $count]);
            }
            $mean[] = $shares;
        }

        return $mean;
    }

    /**
     * By which both ways are scaled alike until all that a patch sees is one.
     *
     * @param list<list<float>> $mean of both ways, of all images together
     * @param list<float> $roots of areas, m
     *
     * @return list<float> by patch
     */
    private static function scales(array $mean, array $roots): array
    {
        $scales = array_fill(0, count($roots), 1.0);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $next = [];
            foreach ($mean as $patch => $row) {
                $seen = 0.0;
                foreach ($row as $other => $share) {
                    $seen += $share * $scales[$other] * $roots[$other];
                }
                $next[] = sqrt($scales[$patch] * $roots[$patch] / $seen);
            }
            $scales = $next;
        }

        return $scales;
    }
}
