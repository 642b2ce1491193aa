<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Exchange\DocumentKind;
use Kaddle\Core\Words\Clock;
use Kaddle\Core\Words\LengthUnit;
use Kaddle\Core\Words\Voice;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property LengthUnit $length_unit
 * @property Clock $clock
 * @property CarbonImmutable|null $confirmed_at when somebody showed to read the mail of the address
 */
final class User extends Authenticatable
{
    use Notifiable;

    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = [
        'password' => 'hashed',
        'confirmed_at' => 'immutable_datetime',
        'length_unit' => LengthUnit::class,
        'clock' => Clock::class,
    ];

    protected $attributes = ['confirmed_at' => null, 'length_unit' => 'metres', 'clock' => '24'];

    public function voice(): Voice
    {
        return Voice::of($this->length_unit, $this->clock);
    }

    /** @return HasMany<Night, $this> */
    public function nights(): HasMany
    {
        return $this->hasMany(Night::class);
    }

    /** @return HasMany<Room, $this> */
    public function rooms(): HasMany
    {
        return $this->hasMany(Room::class);
    }

    /** @return HasMany<Venue, $this> */
    public function venues(): HasMany
    {
        return $this->hasMany(Venue::class);
    }

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(Piece::class);
    }

    /** @return HasMany<Import, $this> */
    public function imports(): HasMany
    {
        return $this->hasMany(Import::class);
    }

    /** @throws ValidationException when the bag is full: it leaves as one document, which has an end */
    public function putIntoBag(Piece $piece): void
    {
        if ($this->pieces()->count() >= DocumentKind::MOST_PIECES) {
            throw ValidationException::withMessages(
                [
                    'page' => sprintf(
                        'A bag holds at most %d pieces, archived ones included.',
                        DocumentKind::MOST_PIECES,
                    ),
                ],
            );
        }
        $this->pieces()->save($piece);
    }
}
