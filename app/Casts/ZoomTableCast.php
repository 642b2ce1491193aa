<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Flash\ZoomTable;

/**
 * A zoom table, stored as a JSON list of [focal length in mm, guide number in m, half-angle in degrees].
 *
 * @implements CastsAttributes<ZoomTable, ZoomTable>
 */
final class ZoomTableCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?ZoomTable
    {
        if (!is_string($value)) {
            return null;
        }
        /** @var list<array{float, float, float}> $rows */
        $rows = json_decode($value, true, 4, JSON_THROW_ON_ERROR);

        return ZoomTable::of(array_map(static fn(array $row): ZoomStep => ZoomStep::of(...$row), $rows));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value instanceof ZoomTable
            ? json_encode(array_map(static fn(ZoomStep $s): array => [$s->focalLength, $s->guideNumber, $s->halfAngle], $value->steps), JSON_THROW_ON_ERROR)
            : null;
    }
}
