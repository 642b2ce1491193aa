<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

/**
 * Gear as documents of version 1 told it, told as it is now.
 *
 * There a beam was a round lobe by its half-angle, for which people took half of the printed
 * coverage: it is that coverage again. Batteries were counted in sets, and are counted in cells.
 * Whatever else a document holds stays for its form to judge.
 */
final class EarlierGear
{
    /** The version that told gear so. */
    public const VERSION = 1;

    private function __construct() {}

    /**
     * A piece of a bag.
     *
     * @param array<array-key, mixed> $piece
     *
     * @return array<array-key, mixed>
     */
    public static function piece(array $piece): array
    {
        $cells = self::number($piece, 'sets');
        $kind = BatteryKind::tryFrom(is_string($piece['kind'] ?? null) ? $piece['kind'] : '');
        if ($cells !== null) {
            $piece = [...array_diff_key($piece, ['sets' => null]), 'cells' => $cells * ($kind?->usualCells() ?? 1)];
        }

        return self::unit($piece);
    }

    /**
     * The figures of a unit, alone or as a part of a moment.
     *
     * @param array<array-key, mixed> $unit
     *
     * @return array<array-key, mixed>
     */
    public static function unit(array $unit): array
    {
        if (is_array($unit['zoom'] ?? null)) {
            $unit['zoom'] = array_map(
                static fn(mixed $step): mixed => is_array($step) ? self::beam($step) : $step,
                $unit['zoom'],
            );
        }

        return self::beam($unit);
    }

    /**
     * @param array<array-key, mixed> $beam
     *
     * @return array<array-key, mixed>
     */
    private static function beam(array $beam): array
    {
        $half = self::number($beam, 'halfAngle');

        return $half === null ? $beam : [...array_diff_key($beam, ['halfAngle' => null]), 'coverage' => 2 * $half];
    }

    /** @param array<array-key, mixed> $of */
    private static function number(array $of, string $name): int|float|null
    {
        $value = $of[$name] ?? null;

        return is_int($value) || is_float($value) ? $value : null;
    }
}
