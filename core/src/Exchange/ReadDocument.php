<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Intake\Record;

/** A document that was found sound. */
final readonly class ReadDocument
{
    private function __construct(
        public DocumentKind $kind,
        public Record $document,
    ) {}

    /** @internal made by DocumentReader only */
    public static function of(DocumentKind $kind, Record $document): self
    {
        return new self($kind, $document);
    }

    /** How many records it describes: itself, unless it is a bag, and everything in it. */
    public function records(): int
    {
        $document = $this->document;

        return match ($this->kind) {
            DocumentKind::Bag => count($document->records('pieces')),
            DocumentKind::Place => 1 + count($document->records('rooms')),
            DocumentKind::Night => 2 + count($document->records('pieces')) + count(
                $document->record('place')->records('rooms'),
            ) + count($document->records('moments')),
        };
    }
}
