<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/**
 * How large a JSON text may be, and what it may become.
 *
 * @internal
 *
 * @phpstan-all-methods-pure
 */
final readonly class JsonSize
{
    /** Levels of objects and lists inside each other. */
    public const MOST_LEVELS = 16;

    /** Keys of one object; a table of keys that are made to collide takes the square of their number to build. */
    public const MOST_KEYS = 100;

    private function __construct(
        public int $mostBytes,
        /** Numbers, texts, lists and objects together. */
        public int $mostValues,
    ) {}

    /**
     * @param int $mostBytes bytes of the text
     * @param int $mostValues how many values may stand in it
     */
    public static function of(int $mostBytes, int $mostValues): self
    {
        return new self($mostBytes, $mostValues);
    }
}
