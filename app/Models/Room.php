<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\Cache;
use Kaddle\Core\Form\GlowForm;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Glow\GlowPoint;
use Kaddle\Core\Glow\RoomGlow;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Room\RoomKind;

/**
 * A room of a venue: a box, with a pitched roof where it has one, and what lights it; lengths in m.
 *
 * @property int $id
 * @property int $user_id
 * @property int $venue_id
 * @property string $uid
 * @property string $name
 * @property float $length_m
 * @property float $width_m
 * @property float $height_m
 * @property float|null $ridge_m
 * @property RidgeWay|null $ridge_runs
 * @property Finish $ceiling_finish
 * @property Finish $floor_finish
 * @property Finish $back_finish
 * @property Finish $far_finish
 * @property Finish $right_finish
 * @property Finish $left_finish
 * @property list<array<string, mixed>> $windows
 * @property list<array<string, mixed>> $lamps
 * @property list<array<string, mixed>> $readings
 * @property int $revision how often it was changed
 * @property Venue $venue
 */
final class Room extends Model
{
    use KeepsIdentity;

    /** Columns of its box. */
    public const BOX = [
        'length_m', 'width_m', 'height_m', 'ridge_m', 'ridge_runs',
        'ceiling_finish', 'floor_finish', 'back_finish', 'far_finish', 'right_finish', 'left_finish',
    ];

    /** Columns of what lights it. */
    private const LIGHT = ['windows', 'lamps', 'readings'];

    /** Seconds for which a point of its curve is kept. */
    private const AN_EVENING = 4 * 3600;

    protected $table = 'rooms';

    protected $fillable = [
        'uid', 'venue_id', 'name', 'length_m', 'width_m', 'height_m', 'ridge_m', 'ridge_runs',
        'ceiling_finish', 'floor_finish', 'back_finish', 'far_finish', 'right_finish', 'left_finish',
        'windows', 'lamps', 'readings',
    ];

    protected $attributes = [
        'windows' => '[]',
        'lamps' => '[]',
        'readings' => '[]',
        'ridge_m' => null,
        'ridge_runs' => null,
        'revision' => 0,
    ];

    protected $casts = [
        'revision' => 'integer',
        'length_m' => 'float',
        'width_m' => 'float',
        'height_m' => 'float',
        'ridge_m' => 'float',
        'ridge_runs' => RidgeWay::class,
        'ceiling_finish' => Finish::class,
        'floor_finish' => Finish::class,
        'back_finish' => Finish::class,
        'far_finish' => Finish::class,
        'right_finish' => Finish::class,
        'left_finish' => Finish::class,
        'windows' => 'array',
        'lamps' => 'array',
        'readings' => 'array',
    ];

    private ?RoomGlow $glow = null;

    /** @var array<string, GlowPoint> what was asked of its curve already */
    private array $points = [];

    /** Names what its glow follows from. */
    private ?string $lightPrint = null;

    /** @var array{array<string, mixed>, array<string, mixed>} attributes, and the document that was made from them */
    private array $told = [[], []];

    protected static function booted(): void
    {
        self::updating(static function (self $room): void {
            $room->revision += $room->isDirty() ? 1 : 0;
        });
    }

    /** @return BelongsTo<Venue, $this> */
    public function venue(): BelongsTo
    {
        return $this->belongsTo(Venue::class);
    }

    /** @return HasMany<Moment, $this> */
    public function moments(): HasMany
    {
        return $this->hasMany(Moment::class);
    }

    /** Whether anything is known of what lights it: windows, lamps, readings, or the open sky. */
    public function hasCurve(): bool
    {
        return $this->windows !== [] || $this->lamps !== [] || $this->readings !== [] || $this->isOpenAbove();
    }

    /** Whether there is nothing overhead. */
    public function isOpenAbove(): bool
    {
        return $this->ceiling_finish === Finish::Open;
    }

    /** A room of a kind, not stored yet. */
    public static function ofKind(RoomKind $kind, string $name): self
    {
        [$length, $width, $height] = $kind->metres();
        $room = new self([
            'name' => $name,
            'length_m' => $length,
            'width_m' => $width,
            'height_m' => $height,
            'ridge_m' => $kind->roof()?->ridge,
            'ridge_runs' => $kind->roof()?->way,
        ]);
        foreach (Face::cases() as $face) {
            $room->setAttribute("{$face->value}_finish", $kind->finish($face));
        }

        return $room;
    }

    /**
     * As a moment document carries it; made once, since all moments of a night share a few rooms.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        if ($this->told[0] !== $this->attributes) {
            $this->told = [$this->attributes, $this->box()];
        }

        return $this->told[1];
    }

    /** @return array<string, mixed> */
    private function box(): array
    {
        return [
            'length' => $this->length_m,
            'width' => $this->width_m,
            'height' => $this->height_m,
            ...($this->ridge_m === null ? [] : ['roof' => ['ridge' => $this->ridge_m, 'runs' => $this->ridge_runs?->value]]),
            'finishes' => [
                'ceiling' => $this->ceiling_finish->value,
                'floor' => $this->floor_finish->value,
                'back' => $this->back_finish->value,
                'far' => $this->far_finish->value,
                'right' => $this->right_finish->value,
                'left' => $this->left_finish->value,
            ],
        ];
    }

    /**
     * As a place document carries it.
     *
     * @return array<string, mixed>
     */
    public function wholeDocument(): array
    {
        return ['uid' => $this->uid, 'name' => $this->name] + $this->document() + [
            'windows' => $this->windows,
            'lamps' => $this->lamps,
            'readings' => $this->readings,
        ];
    }

    /** The same, by its form. */
    public function figures(): Record
    {
        return RoomForm::whole()->stored($this->wholeDocument());
    }

    /** Takes over what the form has read of a whole room; stores nothing. */
    public function take(Record $room): self
    {
        $lists = ['windows' => [], 'lamps' => [], 'readings' => []];
        $this->takeBox($room)->fill(
            ['name' => $room->text('name')] + array_intersect_key($room->toArray(), $lists) + $lists,
        );
        $this->glow = null;
        $this->lightPrint = null;

        return $this;
    }

    /** Size, roof and finishes only. */
    public function takeBox(Record $room): self
    {
        $roof = $room->has('roof') ? $room->record('roof') : null;
        $this->fill([
            'length_m' => $room->number('length'),
            'width_m' => $room->number('width'),
            'height_m' => $room->number('height'),
            'ridge_m' => $roof?->number('ridge'),
            'ridge_runs' => $roof?->choice('runs', RidgeWay::class),
        ]);
        foreach (Face::cases() as $face) {
            $this->setAttribute(
                "{$face->value}_finish",
                $room->record('finishes')->choice($face->value, Finish::class),
            );
        }

        return $this;
    }

    /** Names its size, roof and finishes. */
    public function boxPrint(): string
    {
        return serialize(array_intersect_key($this->attributes, array_flip(self::BOX)));
    }

    /** Its light over an evening, learnt once from all that it is told by. */
    public function glow(): RoomGlow
    {
        return $this->glow ??= GlowForm::glow($this->figures(), $this->venue->place());
    }

    /** The same at one time, kept in the memory that the workers share: a long night asks for hundreds. */
    public function glowAt(\DateTimeImmutable $time): GlowPoint
    {
        $this->lightPrint ??= hash('xxh128', serialize([
            RoomGlow::EDITION,
            $this->venue->only('zone', 'latitude', 'longitude'),
            array_intersect_key($this->attributes, array_flip(self::LIGHT)),
        ]));

        $at = $time->getTimestamp();

        return $this->points["$this->lightPrint:$at"] ??= Cache::store('shared')->remember(
            "glow:$this->lightPrint:$at",
            self::AN_EVENING,
            fn(): GlowPoint => $this->glow()->at($time),
        );
    }
}
