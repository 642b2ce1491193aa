<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

/** Pieces of a bag in the form in which a moment document carries them. */
final class MomentParts
{
    private function __construct() {}

    /**
     * @param array<string, mixed> $piece
     *
     * @return array<string, mixed>
     */
    public static function body(array $piece): array
    {
        return array_intersect_key($piece, array_flip(['step', 'sync', 'baseIso', 'usableIso', 'stabiliser', 'crop', 'strictness']));
    }

    /**
     * @param array<string, mixed> $piece
     * @param mixed $focalLength mm
     *
     * @return array<string, mixed>
     */
    public static function lens(array $piece, mixed $focalLength): array
    {
        $focal = is_int($focalLength) || is_float($focalLength) ? (float) $focalLength : 0.0;

        return [
            'focalLength' => $focalLength,
            'widest' => PieceReader::openings($piece)->at($focal)->label(),
            'narrowest' => $piece['narrowest'] ?? null,
            ...array_intersect_key($piece, array_flip(['bestFrom', 'bestTo'])),
        ];
    }

    /**
     * @param array<string, mixed> $piece
     * @param mixed $units how many side by side
     * @param array<string, mixed>|null $modifier
     * @param array<string, mixed>|null $gel
     *
     * @return array<string, mixed>
     */
    public static function flash(array $piece, mixed $units = 1, ?array $modifier = null, ?array $gel = null): array
    {
        return [
            ...array_intersect_key($piece, array_flip(['zoom', 'bounceZoom', 'lowestUnderFull', 'step', 'highSpeed'])),
            'units' => $units,
            ...($modifier === null ? [] : ['modifier' => array_intersect_key($modifier, array_flip(['kind', 'dimming']))]),
            ...($gel === null ? [] : ['gel' => array_intersect_key($gel, array_flip(['shift', 'loss']))]),
        ];
    }
}
