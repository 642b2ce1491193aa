<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

/**
 * A piece of gear, as far as it is taken up and put away.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Thing
{
    private function __construct(
        /** Two pieces may have one name. */
        public string $identity,
        public string $name,
    ) {}

    public static function of(string $identity, string $name): self
    {
        return new self($identity, $name);
    }

    /** Stands for it where many are compared. */
    public function number(): int
    {
        return crc32($this->identity);
    }
}
