<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Form\PlaceForm;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Night\HouseRules;

/**
 * A place where nights are held, with its clocks and house rules.
 *
 * @property int $id
 * @property int $user_id
 * @property string $uid
 * @property string $name
 * @property string $zone name of the IANA database
 * @property float $latitude degrees, north positive
 * @property float $longitude degrees, east positive
 * @property Mains $mains
 * @property list<array<string, string>> $rules
 */
final class Venue extends Model
{
    use KeepsIdentity;

    protected $table = 'venues';

    protected $fillable = ['uid', 'name', 'zone', 'latitude', 'longitude', 'mains', 'rules'];

    protected $attributes = ['mains' => Mains::Hz50->value, 'rules' => '[]'];

    protected $casts = ['latitude' => 'float', 'longitude' => 'float', 'mains' => Mains::class, 'rules' => 'array'];

    /** @return HasMany<Room, $this> by name */
    public function rooms(): HasMany
    {
        return $this->hasMany(Room::class)->orderBy('name')->orderBy('id');
    }

    /** @return HasMany<Night, $this> */
    public function nights(): HasMany
    {
        return $this->hasMany(Night::class);
    }

    /** What the house forbids. */
    public function houseRules(): HouseRules
    {
        return PlaceForm::rulesKept($this->rules);
    }

    public function timeZone(): \DateTimeZone
    {
        return new \DateTimeZone($this->zone);
    }

    public function place(): Place
    {
        return Place::at($this->latitude, $this->longitude, $this->timeZone());
    }

    /**
     * As a place document carries it, without rooms.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return [
            'uid' => $this->uid,
            'name' => $this->name,
            'zone' => $this->zone,
            'latitude' => $this->latitude,
            'longitude' => $this->longitude,
            'mains' => $this->mains->value,
            'rules' => $this->rules,
        ];
    }
}
