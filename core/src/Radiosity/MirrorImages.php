<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

/**
 * Values by patch in the basis of sums and differences over the eight mirror images of an octant (Walsh–Hadamard).
 *
 * An evenly cut box looks the same in each of its images, so what goes from patch to patch is a convolution over them:
 * in this basis it falls into eight small blocks. Lengths grow by the root of eight, angles stay.
 *
 * @phpstan-all-methods-pure
 */
final class MirrorImages
{
    private function __construct() {}

    /**
     * @param list<float> $values by patch; as many for each, one after the other
     *
     * @return list<float> by combination of images and place in the octant, as many for each
     */
    public static function combined(array $values): array
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

    /**
     * @param list<float> $combined by combination of images and place in the octant
     *
     * @return list<float> by patch
     */
    public static function apart(array $combined): array
    {
        $values = [];
        foreach (self::combined($combined) as $eightfold) {
            $values[] = $eightfold / Patches::IMAGES;
        }

        return $values;
    }
}
