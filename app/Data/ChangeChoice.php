<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Night\ChangeKind;

/** Something that may turn out otherwise. */
final readonly class ChangeChoice
{
    /** @param list<string> $fields */
    public function __construct(
        public ChangeKind $what,
        public string $name,
        /** Fields of its form. @var list<string> */
        public array $fields,
    ) {}
}
