<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ApertureCast;
use App\Casts\IsoCast;
use App\Casts\ObjectCast;
use App\Casts\ShutterCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Night\Slot;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Wish\KeptThing;
use Kaddle\Core\Wish\School;

/**
 * One planned situation of a night; lengths in m, levels in stops.
 *
 * The glow is an EV, the exposure that a meter gave, or what the curve of the room says
 * for its time; the database holds exactly one of the three.
 *
 * @phpstan-type TPin array{id: string, settings: array{tv: int, av: int, sv: int, output: int, head: string, face: float|int, backdrop: float|int}, moment: array<string, mixed>}
 *
 * @property int $id
 * @property string $uid
 * @property int $night_id
 * @property int $room_id
 * @property int $body_id
 * @property int $lens_id
 * @property int $flash_id
 * @property int|null $modifier_id
 * @property int|null $gel_id
 * @property string $name
 * @property string $starts_at
 * @property int $minutes
 * @property array<string, mixed> $plan what is planned besides light, by the fields of MomentShape::plan()
 * @property array<string, mixed>|null $answer the last answer of the solver, with the fingerprint of its question
 * @property array<string, mixed>|null $kit the same of the kit check
 * @property float $focal_mm
 * @property float $from_back_wall_m
 * @property float $camera_height_m
 * @property float $subject_distance_m
 * @property float $subject_height_m
 * @property float|null $glow_ev
 * @property Shutter|null $metered_tv
 * @property Aperture|null $metered_av
 * @property Iso|null $metered_sv
 * @property bool $glow_from_curve
 * @property float $room_under_stops
 * @property Aperture $working_av
 * @property HeadAim|null $head_aim
 * @property Shutter|null $lock_tv held by hand
 * @property Aperture|null $lock_av
 * @property Iso|null $lock_sv
 * @property School $school which controls follow
 * @property KeptThing|null $kept_thing the brightest thing that must hold detail
 * @property float|null $kept_ev what a spot meter reads on it
 * @property Shutter|null $kept_tv the same as the exposure that it gave
 * @property Aperture|null $kept_av
 * @property Iso|null $kept_sv
 * @property float $fill_stops under correct, of flash that is fill
 * @property float $nd_stops
 * @property bool $high_speed
 * @property float|null $head_turn degrees of a head that is turned by hand, positive to the left
 * @property float|null $head_tilt
 * @property float|null $head_zoom mm, set by hand
 * @property float $dialled_body stops of flash compensation that are set on the body
 * @property float $dialled_exposure stops of exposure compensation
 * @property list<TPin> $pins settings that are kept for comparison, with the columns that they answer
 * @property int $units
 * @property int $revision how often what anybody sees of it was changed
 * @property Night $night
 * @property Room $room
 * @property Piece $body
 * @property Piece $lens
 * @property Piece $flash
 * @property Piece|null $modifier
 * @property Piece|null $gel
 */
final class Moment extends Model
{
    use FoundByRoute, KeepsIdentity, TellsLight {
        FoundByRoute::resolveRouteBindingQuery insteadof KeepsIdentity;
    }

    /** Everything that a document of a moment is made from. */
    public const WHOLE = ['night.venue', 'room.venue', 'body', 'lens', 'flash', 'modifier', 'gel'];

    /** What a copy of it does not share. */
    public const OWN = ['uid', 'answer', 'kit', 'revision', 'pins'];

    /** Columns that the bench changes. */
    public const BENCH = [
        'body_id', 'lens_id', 'flash_id', 'modifier_id', 'gel_id', 'name', 'starts_at', 'focal_mm',
        'from_back_wall_m', 'camera_height_m', 'subject_distance_m', 'subject_height_m',
        'glow_ev', 'metered_tv', 'metered_av', 'metered_sv', 'glow_from_curve', 'room_under_stops', 'working_av', 'head_aim', 'units',
        'lock_tv', 'lock_av', 'lock_sv',
        'school', 'kept_thing', 'kept_ev', 'kept_tv', 'kept_av', 'kept_sv', 'fill_stops', 'nd_stops', 'high_speed', 'head_turn', 'head_tilt', 'head_zoom', 'dialled_body', 'dialled_exposure',
    ];

    protected $fillable = [
        'uid', 'room_id', 'body_id', 'lens_id', 'flash_id', 'modifier_id', 'gel_id',
        'name', 'starts_at', 'minutes', 'plan', 'answer', 'kit', 'focal_mm',
        'from_back_wall_m', 'camera_height_m', 'subject_distance_m', 'subject_height_m',
        'glow_ev', 'metered_tv', 'metered_av', 'metered_sv', 'glow_from_curve', 'room_under_stops', 'working_av', 'head_aim', 'units',
        'lock_tv', 'lock_av', 'lock_sv', 'pins',
        'school', 'kept_thing', 'kept_ev', 'kept_tv', 'kept_av', 'kept_sv', 'fill_stops', 'nd_stops', 'high_speed', 'head_turn', 'head_tilt', 'head_zoom', 'dialled_body', 'dialled_exposure',
    ];

    protected $casts = [
        'id' => 'integer',
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
        'lock_tv' => ShutterCast::class,
        'lock_av' => ApertureCast::class,
        'lock_sv' => IsoCast::class,
        'school' => School::class,
        'kept_thing' => KeptThing::class,
        'kept_ev' => 'float',
        'kept_tv' => ShutterCast::class,
        'kept_av' => ApertureCast::class,
        'kept_sv' => IsoCast::class,
        'fill_stops' => 'float',
        'nd_stops' => 'float',
        'high_speed' => 'boolean',
        'head_turn' => 'float',
        'head_tilt' => 'float',
        'head_zoom' => 'float',
        'dialled_body' => 'float',
        'dialled_exposure' => 'float',
        'pins' => 'array',
        'units' => 'integer',
        'revision' => 'integer',
        'minutes' => 'integer',
        'plan' => ObjectCast::class,
        'answer' => 'array',
        'kit' => 'array',
        'glow_from_curve' => 'boolean',
    ];

    protected $attributes = [
        'units' => 1, 'revision' => 0, 'modifier_id' => null, 'gel_id' => null, 'minutes' => 30, 'plan' => '{}', 'answer' => null, 'kit' => null,
        'glow_ev' => null, 'metered_tv' => null, 'metered_av' => null, 'metered_sv' => null, 'glow_from_curve' => false, 'head_aim' => null,
        'lock_tv' => null, 'lock_av' => null, 'lock_sv' => null,
        'school' => School::ShutterFirst->value, 'kept_thing' => null, 'kept_ev' => null, 'kept_tv' => null, 'kept_av' => null, 'kept_sv' => null, 'fill_stops' => 2.0, 'nd_stops' => 0.0, 'high_speed' => false,
        'head_turn' => null, 'head_tilt' => null, 'head_zoom' => null, 'dialled_body' => 0.0, 'dialled_exposure' => 0.0, 'pins' => '[]',
    ];

    /**
     * As they stand; the framework would put the key among them at every single reading of a column.
     *
     * @return array<string, string>
     */
    public function getCasts(): array
    {
        return $this->casts;
    }

    protected static function booted(): void
    {
        self::updating(static function (self $moment): void {
            $moment->revision += $moment->isDirty([...self::BENCH, 'room_id', 'minutes', 'plan']) ? 1 : 0;
            if ($moment->isDirty('room_id')) {
                $moment->steps()->delete(); // they tell of another room
            }
        });
    }

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

    /** @return BelongsTo<Piece, $this> */
    public function body(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @return BelongsTo<Piece, $this> */
    public function lens(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @return BelongsTo<Piece, $this> */
    public function flash(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @return BelongsTo<Piece, $this> */
    public function modifier(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @return BelongsTo<Piece, $this> */
    public function gel(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @return HasMany<MomentStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(MomentStep::class);
    }

    /**
     * A short text that changes whenever an answer may; made from the columns, because a
     * document for each moment of a long night takes longer than everything else about it.
     */
    public function fingerprint(mixed ...$more): string
    {
        $gear = array_map(static fn(?Piece $piece): string => $piece?->print() ?? '', [$this->body, $this->lens, $this->flash, $this->modifier, $this->gel]);
        $light = array_diff_key(array_intersect_key($this->attributes, array_flip(self::BENCH)), array_flip(['name', 'starts_at']));

        return hash('xxh128', serialize([MomentSolver::EDITION, $light, $this->glow_from_curve ? $this->glow() : null, $this->people(), $this->mains(), $this->room->boxPrint(), $gear, $more]));
    }

    /**
     * Keeps an answer beside the moment; this is no change of the moment itself.
     *
     * @param 'answer'|'kit' $what
     * @param array<string, mixed> $answer
     */
    public function keep(string $what, array $answer): void
    {
        self::query()->whereKey($this->id)->toBase()->update([$what => json_encode($answer, JSON_THROW_ON_ERROR)]);
    }

    /** "19:30" */
    public function clock(): string
    {
        return substr($this->starts_at, 0, 5);
    }

    public function slot(): Slot
    {
        return Slot::at($this->clock(), $this->minutes);
    }
}
