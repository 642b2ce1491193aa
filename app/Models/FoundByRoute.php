<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\Builder;
use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Form\PlaceForm;

/**
 * What a route finds of a moment tells by the same query what every answer of the bench asks of
 * night, place and gear.
 */
trait FoundByRoute
{
    public function resolveRouteBindingQuery($query, $value, $field = null): Builder
    {
        return parent::resolveRouteBindingQuery($query, $value, $field)->select('moments.*')->selectRaw(<<<'SQL'
            (select user_id from nights where id = night_id) as owner_id,
            (select mains from venues where id = (select venue_id from nights where id = night_id)) as place_mains,
            (select rules from venues where id = (select venue_id from nights where id = night_id)) as place_rules,
            (
                select jsonb_object_agg(id, jsonb_build_object('kind', kind, 'data', data)) from pieces
                where id in (body_id, lens_id, flash_id, modifier_id, gel_id, other_gel_id)
            ) as gear_figures
            SQL);
    }

    /** The account that may see and change it. */
    public function ownerId(): int
    {
        $found = $this->attributes['owner_id'] ?? null;

        return is_int($found) ? $found : $this->night->user_id;
    }

    /** The mains that the lamps of its place hang on. */
    public function mains(): Mains
    {
        $found = $this->attributes['place_mains'] ?? null;

        return is_string($found) ? Mains::from($found) : $this->night->venue->mains;
    }

    /** Whether the house forbids flash while it lasts. */
    public function isFlashForbidden(): bool
    {
        $found = $this->attributes['place_rules'] ?? null;
        $rules = is_string($found)
            ? json_decode($found, true, 8, JSON_THROW_ON_ERROR)
            : $this->night->venue->rules;

        return $rules !== [] && is_array($rules) && PlaceForm::rulesKept($rules)->forbidFlash($this->slot());
    }

    /** @return array<int, array{kind: string, data: array<string, mixed>}> kind and figures of the gear that it is stored with, by piece, where a route found it */
    public function gearFound(): array
    {
        $found = $this->attributes['gear_figures'] ?? null;
        if (!is_string($found)) {
            return [];
        }

        /** @var array<int, array{kind: string, data: array<string, mixed>}> */
        return json_decode($found, true, 64, JSON_THROW_ON_ERROR);
    }
}
