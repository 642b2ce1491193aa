<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Quantity\ExactStops;

/**
 * A shutter time, stored as thirtieths of a stop of time value.
 *
 * @implements CastsAttributes<Shutter, Shutter>
 */
final class ShutterCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Shutter
    {
        return is_int($value) ? Shutter::of(ExactStops::fromThirtieths($value)) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?int
    {
        return $value instanceof Shutter ? $value->tv->thirtieths : null;
    }
}
