<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Quantity\ExactStops;

/**
 * An aperture, stored as thirtieths of a stop of aperture value.
 *
 * @implements CastsAttributes<Aperture, Aperture>
 */
final class ApertureCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Aperture
    {
        return is_int($value) ? Aperture::of(ExactStops::fromThirtieths($value)) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?int
    {
        return $value instanceof Aperture ? $value->av->thirtieths : null;
    }
}
