<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ApertureCast;
use App\Casts\IsoCast;
use App\Casts\ShutterCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Plan\Reading\MomentReader;

/**
 * One planned situation of a night; lengths in m, levels in stops.
 *
 * The glow is either an EV or the exposure that a meter gave; the database
 * holds exactly one of the two.
 *
 * @property int $id
 * @property int $night_id
 * @property int $room_id
 * @property int $body_id
 * @property int $lens_id
 * @property int $flash_unit_id
 * @property string $name
 * @property string $starts_at
 * @property float $focal_mm
 * @property float $from_back_wall_m
 * @property float $camera_height_m
 * @property float $subject_distance_m
 * @property float $subject_height_m
 * @property float|null $glow_ev
 * @property Shutter|null $metered_tv
 * @property Aperture|null $metered_av
 * @property Iso|null $metered_sv
 * @property float $room_under_stops
 * @property Aperture $working_av
 * @property HeadAim|null $head_aim
 * @property int $units
 * @property ModifierKind|null $modifier
 * @property GelKind|null $gel
 * @property Night $night
 * @property Room $room
 * @property Body $body
 * @property Lens $lens
 * @property FlashUnit $flashUnit
 */
final class Moment extends Model
{
    protected $fillable = [
        'room_id', 'body_id', 'lens_id', 'flash_unit_id', 'name', 'starts_at', 'focal_mm',
        'from_back_wall_m', 'camera_height_m', 'subject_distance_m', 'subject_height_m',
        'glow_ev', 'metered_tv', 'metered_av', 'metered_sv', 'room_under_stops', 'working_av', 'head_aim',
        'units', 'modifier', 'gel',
    ];

    protected $casts = [
        'focal_mm' => 'float',
        'from_back_wall_m' => 'float',
        'camera_height_m' => 'float',
        'subject_distance_m' => 'float',
        'subject_height_m' => 'float',
        'glow_ev' => 'float',
        'metered_tv' => ShutterCast::class,
        'metered_av' => ApertureCast::class,
        'metered_sv' => IsoCast::class,
        'room_under_stops' => 'float',
        'working_av' => ApertureCast::class,
        'head_aim' => HeadAim::class,
        'units' => 'integer',
        'modifier' => ModifierKind::class,
        'gel' => GelKind::class,
    ];

    protected $attributes = ['units' => 1];

    /** @return BelongsTo<Night, $this> */
    public function night(): BelongsTo
    {
        return $this->belongsTo(Night::class);
    }

    /** @return BelongsTo<Room, $this> */
    public function room(): BelongsTo
    {
        return $this->belongsTo(Room::class);
    }

    /** @return BelongsTo<Body, $this> */
    public function body(): BelongsTo
    {
        return $this->belongsTo(Body::class);
    }

    /** @return BelongsTo<Lens, $this> */
    public function lens(): BelongsTo
    {
        return $this->belongsTo(Lens::class);
    }

    /** @return BelongsTo<FlashUnit, $this> */
    public function flashUnit(): BelongsTo
    {
        return $this->belongsTo(FlashUnit::class);
    }

    /**
     * As a moment document that the core reads.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        $metered = $this->metered_tv !== null && $this->metered_av !== null && $this->metered_sv !== null
            ? ['shutter' => $this->metered_tv->label(), 'aperture' => $this->metered_av->label(), 'iso' => $this->metered_sv->label()]
            : null;

        return [
            'version' => MomentReader::VERSION,
            'room' => $this->room->document(),
            'camera' => ['fromBackWall' => $this->from_back_wall_m, 'height' => $this->camera_height_m],
            'subject' => ['distance' => $this->subject_distance_m, 'height' => $this->subject_height_m],
            'glow' => $metered === null ? ['ev' => $this->glow_ev] : ['metered' => $metered],
            'look' => ['roomUnder' => $this->room_under_stops, 'aperture' => $this->working_av->label()],
            ...($this->head_aim === null ? [] : ['head' => $this->head_aim->value]),
            'body' => $this->body->document(),
            'lens' => $this->lens->document($this->focal_mm),
            'flash' => $this->flashUnit->document($this->units, $this->modifier?->value, $this->gel?->value),
        ];
    }

    /** "19:30" */
    public function clock(): string
    {
        return substr($this->starts_at, 0, 5);
    }
}
