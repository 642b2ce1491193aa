<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

/** A document that was found sound. */
final readonly class ReadDocument
{
    /**
     * @internal made by DocumentReader only
     *
     * @param array<string, mixed> $data by the fields of its kind
     */
    public function __construct(
        public DocumentKind $kind,
        public array $data,
    ) {}
}
