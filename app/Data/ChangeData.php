<?php

declare(strict_types=1);

namespace App\Data;

/** What may turn out otherwise in a night, and what was kept of it. */
final readonly class ChangeData
{
    /**
     * @param list<ChangeChoice> $kinds
     * @param list<Named> $rooms
     * @param list<Named> $lenses
     * @param list<Named> $flashes
     */
    public function __construct(
        /** @var list<ChangeChoice> */
        public array $kinds,
        /** Of the place. @var list<Named> */
        public array $rooms,
        /** Of the bag. @var list<Named> */
        public array $lenses,
        /** Of the bag. @var list<Named> */
        public array $flashes,
        /** What was kept last, in a sentence, while it can be taken back; null for nothing. */
        public ?string $kept,
    ) {}
}
