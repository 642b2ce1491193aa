<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Score\Favour;

/**
 * One event.
 *
 * @property int $id
 * @property int $user_id
 * @property int $venue_id
 * @property string $uid
 * @property string $name
 * @property CarbonImmutable $held_on the day on which it begins
 * @property Favour $favour what it is to be good at
 * @property array{sentence: string, before: string, after: string}|null $kept the last change of it as a whole: what it was, the document before, and a print of the one after
 * @property Venue $venue
 * @property User $user
 */
final class Night extends Model
{
    use KeepsIdentity;

    protected $table = 'nights';

    protected $fillable = ['uid', 'venue_id', 'name', 'held_on', 'favour', 'kept'];

    protected $casts = ['held_on' => 'immutable_date', 'favour' => Favour::class, 'kept' => 'array'];

    protected $attributes = ['favour' => Favour::FewestTurns->value, 'kept' => null];

    /** @return BelongsTo<Venue, $this> */
    public function venue(): BelongsTo
    {
        return $this->belongsTo(Venue::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Moment, $this> in time order, by the day of events */
    public function moments(): HasMany
    {
        return $this->hasMany(Moment::class)->chaperone()->orderByRaw(self::inTimeOrder())->orderBy('id');
    }

    /** Time of the moments as SQL, so that what is after midnight comes last. */
    public static function inTimeOrder(): string
    {
        return sprintf("starts_at - interval '%d minutes'", Evening::TURN);
    }

    /** The very moment at which the clocks of the venue show a time in this night. */
    public function at(string $clock): \DateTimeImmutable
    {
        return Evening::moment(self::day($this->attributes['held_on']), $clock, $this->venue->timeZone());
    }

    /** The same for a minute since six in the morning. */
    public function atMinute(float $minute): \DateTimeImmutable
    {
        return Evening::momentOf(self::day($this->attributes['held_on']), $minute, $this->venue->timeZone());
    }

    /** "2027-09-18", without a calendar's help: a long night asks for it at every moment. */
    private static function day(mixed $column): string
    {
        return is_string($column)
            ? substr($column, 0, strlen('2027-09-18'))
            : throw new \LogicException('a night without a date');
    }

    /** @return Collection<int, Moment> in time order, with everything that Moment::WHOLE names */
    public function wholeMoments(): Collection
    {
        $this->loadMissing('venue');

        return $this->moments()->with(array_values(array_diff(Moment::WHOLE, ['night.venue'])))->get();
    }
}
