<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * A length or a distance, in metres whatever its reader measures in.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Length
{
    private function __construct(
        /** 0 or more; endless where there is no end to it. */
        public float $metres,
    ) {}

    /**
     * @param float $metres 0 or more, endless included
     *
     * @throws NotANumber
     */
    public static function ofMetres(float $metres): self
    {
        return $metres >= 0.0 ? new self($metres) : throw NotANumber::in('length');
    }

    public function isEndless(): bool
    {
        return is_infinite($this->metres);
    }
}
