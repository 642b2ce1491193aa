<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Contracts\Database\Eloquent\ComparesCastableAttributes;
use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Reading\Canonical;

/**
 * Fields by name as a JSON object, also when there are none.
 *
 * @implements CastsAttributes<array<string, mixed>, array<string, mixed>>
 */
final class ObjectCast implements CastsAttributes, ComparesCastableAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $fields = json_decode(is_string($value) ? $value : '{}', true, 16, JSON_THROW_ON_ERROR);

        return array_filter(is_array($fields) ? $fields : [], is_string(...), ARRAY_FILTER_USE_KEY);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode((object) $value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    public function compare(Model $model, string $key, mixed $firstValue, mixed $secondValue): bool
    {
        return Canonical::alike($this->get($model, $key, $firstValue, []), $this->get($model, $key, $secondValue, []));
    }
}
