<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One event.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $place
 * @property CarbonImmutable $held_on
 */
final class Night extends Model
{
    protected $fillable = ['name', 'place', 'held_on'];

    protected $casts = ['held_on' => 'immutable_date'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Moment, $this> in time order */
    public function moments(): HasMany
    {
        return $this->hasMany(Moment::class)->orderBy('starts_at')->orderBy('id');
    }
}
