<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Quantity\ExactStops;

/**
 * A sensitivity, stored as thirtieths of a stop over ISO 100.
 *
 * @implements CastsAttributes<Iso, Iso>
 */
final class IsoCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Iso
    {
        return is_int($value) ? Iso::of(ExactStops::fromThirtieths($value)) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?int
    {
        return $value instanceof Iso ? $value->sv->thirtieths : null;
    }
}
