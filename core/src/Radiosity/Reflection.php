<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

use Kaddle\Core\Room\BoxRoom;

/**
 * What each patch of a room sends back of one band, in the basis of MirrorImages.
 *
 * A patch and its image across the room lie on opposite faces: of what they have together each sends back the mean of both
 * reflectances, and of their difference half of what these differ.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Reflection
{
    /**
     * @param list<float> $means
     * @param list<float> $halves
     * @param list<int> $others where the combination stands that differs by this face's image only
     */
    private function __construct(
        private array $means,
        private array $halves,
        private array $others,
    ) {}

    /** @param 'r'|'g'|'b' $band */
    public static function in(BoxRoom $room, Patches $patches, string $band): self
    {
        $inOctant = $patches->inOctant();
        $octant = [];
        for ($i = 0; $i < $inOctant; ++$i) {
            $face = $patches->all[$i]->face;
            $here = $room->reflectance($face)->share->{$band};
            $there = $room->reflectance($face->opposite())->share->{$band};
            $octant[] = [($here + $there) / 2.0, ($here - $there) / 2.0, 1 << $face->axis()];
        }
        $means = $halves = $others = [];
        for ($combination = 0; $combination < Patches::IMAGES; ++$combination) {
            foreach ($octant as $i => [$mean, $half, $image]) {
                $means[] = $mean;
                $halves[] = $half;
                $others[] = ($combination ^ $image) * $inOctant + $i;
            }
        }

        return new self($means, $halves, $others);
    }

    /**
     * @param list<float> $light combined
     *
     * @return list<float>
     */
    public function of(array $light): array
    {
        [$means, $halves, $others] = [$this->means, $this->halves, $this->others];
        $sent = [];
        foreach ($light as $at => $value) {
            $sent[] = $means[$at] * $value + $halves[$at] * $light[$others[$at]];
        }

        return $sent;
    }
}
