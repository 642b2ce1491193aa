<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * Which share of a patch's light reaches which other patch.
 *
 * In an evenly cut box most pairs lie to each other as some other pair does, so
 * each relative position is worked out once: some hundreds instead of ten thousand.
 */
final class Transfer
{
    /** @var array<int, float> form factors by relative position */
    private array $known = [];

    private function __construct(
        private readonly Patches $patches,
    ) {}

    /** @return list<list<float>> form factors, [sender][receiver] */
    public static function between(Patches $patches): array
    {
        $self = new self($patches);

        return array_map($self->from(...), $patches->all);
    }

    /** @return list<float> by receiver */
    private function from(Patch $sender): array
    {
        $row = [];
        foreach ($this->patches->all as $receiver) {
            $row[] = $receiver->face === $sender->face
                ? 0.0
                : $this->known[$this->position($sender, $receiver)] ??= $sender->seenFrom($receiver);
        }

        return $row;
    }

    /** The same number for pairs that lie to each other in the same way. */
    private function position(Patch $sender, Patch $receiver): int
    {
        $a = $receiver->face->axis();
        $b = $sender->face->axis();
        if ($a === $b) {
            [$u, $v] = $sender->axes;

            return ($a * 16 + abs($sender->cell[$u] - $receiver->cell[$u])) * 16 + abs($sender->cell[$v] - $receiver->cell[$v]);
        }
        $away = $sender->face->isUpper() ? $this->patches->cuts[$b] - 1 - $receiver->cell[$b] : $receiver->cell[$b];
        $rise = $receiver->face->isUpper() ? $this->patches->cuts[$a] - 1 - $sender->cell[$a] : $sender->cell[$a];
        $aside = abs($sender->cell[3 - $a - $b] - $receiver->cell[3 - $a - $b]);

        return ((((1 + $a) * 4 + $b) * 16 + $away) * 16 + $rise) * 16 + $aside + 4096;
    }
}
