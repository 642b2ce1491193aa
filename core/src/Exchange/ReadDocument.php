<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Form\ReadMoment;

/** A document that was found sound. */
final readonly class ReadDocument
{
    /**
     * @internal made by DocumentReader only
     *
     * @param array<string, mixed> $data by the fields of its kind
     * @param list<ReadMoment> $lights of the moments of a night, in their order
     */
    public function __construct(
        public DocumentKind $kind,
        public array $data,
        public array $lights,
    ) {}

    /** How many records it describes: itself, unless it is a bag, and everything in it. */
    public function records(): int
    {
        $count = static fn(mixed $list): int => is_array($list) ? count($list) : 0;
        $place = is_array($this->data['place'] ?? null) ? $this->data['place'] : [];

        return $count($this->data['pieces'] ?? null) + match ($this->kind) {
            DocumentKind::Bag => 0,
            DocumentKind::Place => 1 + $count($this->data['rooms'] ?? null),
            DocumentKind::Night => 2 + $count($place['rooms'] ?? null) + $count($this->data['moments'] ?? null),
        };
    }

    /**
     * The objects of a list in it.
     *
     * @return list<array<string, mixed>>
     */
    public static function objects(mixed $list): array
    {
        $objects = [];
        foreach (is_array($list) ? $list : [] as $object) {
            $objects[] = array_filter(is_array($object) ? $object : [], is_string(...), ARRAY_FILTER_USE_KEY);
        }

        return $objects;
    }
}
