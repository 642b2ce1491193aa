<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** Data by what it says: the order of fields does not matter, nor whether 35 came as 35.0. */
final class Canonical
{
    private function __construct() {}

    public static function alike(mixed $one, mixed $other): bool
    {
        return self::of($one) === self::of($other);
    }

    private static function of(mixed $value): mixed
    {
        if (is_int($value)) {
            return (float) $value;
        }
        if (!is_array($value)) {
            return $value;
        }
        if (!array_is_list($value)) {
            ksort($value);
        }

        return array_map(self::of(...), $value);
    }
}
