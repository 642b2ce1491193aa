<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 */
final class User extends Authenticatable
{
    use Notifiable;

    protected $fillable = ['name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed'];

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

    /** @return HasMany<Body, $this> */
    public function bodies(): HasMany
    {
        return $this->hasMany(Body::class);
    }

    /** @return HasMany<Lens, $this> */
    public function lenses(): HasMany
    {
        return $this->hasMany(Lens::class);
    }

    /** @return HasMany<FlashUnit, $this> */
    public function flashUnits(): HasMany
    {
        return $this->hasMany(FlashUnit::class);
    }
}
