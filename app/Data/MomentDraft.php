<?php

declare(strict_types=1);

namespace App\Data;

/** A moment as page and server exchange it; its fields are those of DraftForm. */
final readonly class MomentDraft implements \JsonSerializable
{
    /** @param array<string, mixed> $fields every field of the form; null for one that was left out */
    public function __construct(
        private array $fields,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->fields;
    }
}
