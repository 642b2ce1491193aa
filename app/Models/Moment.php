<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\FormCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Night\Slot;
use Kaddle\Core\Solve\MomentSolver;

/**
 * One planned situation of a night: what is set on the bench and what is planned besides are
 * documents, by the forms of the core; what moments are found, ordered and tied by are columns.
 *
 * @phpstan-type TPin array{id: string, settings: array{tv: int, av: int, sv: int, output: int|null, head: string, face: float|int, backdrop: float|int}, moment: array<string, mixed>}
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
 * @property int|null $other_gel_id of the units that do not carry the first
 * @property string $name
 * @property string $starts_at
 * @property int $minutes
 * @property Record $plan what is planned besides light, by MomentForm::planned()
 * @property Record $settings what is set on the bench, by MomentForm::settings()
 * @property array<string, mixed>|null $kit the last answer of the kit check, with the fingerprint of its question
 * @property list<TPin> $pins settings that are kept for comparison, with the columns that they answer
 * @property int $revision how often what anybody sees of it was changed
 * @property Night $night
 * @property Room $room
 * @property Piece $body
 * @property Piece $lens
 * @property Piece $flash
 * @property Piece|null $modifier
 * @property Piece|null $gel
 * @property Piece|null $otherGel
 */
final class Moment extends Model
{
    use FoundByRoute, KeepsIdentity, TellsLight {
        FoundByRoute::resolveRouteBindingQuery insteadof KeepsIdentity;
    }

    /** Everything that a document of a moment is made from. */
    public const WHOLE = ['night.venue', 'room.venue', 'body', 'lens', 'flash', 'modifier', 'gel', 'otherGel'];

    /** What a copy of it does not share. */
    private const OWN = ['uid', 'kit', 'revision', 'pins'];

    /** Columns that the bench changes. */
    public const BENCH = ['body_id', 'lens_id', 'flash_id', 'modifier_id', 'gel_id', 'other_gel_id', 'name', 'starts_at', 'settings'];

    protected $table = 'moments';

    protected $fillable = [
        'uid', 'room_id', 'body_id', 'lens_id', 'flash_id', 'modifier_id', 'gel_id', 'other_gel_id',
        'name', 'starts_at', 'minutes', 'plan', 'settings', 'kit', 'pins',
    ];
    protected $casts = [
        'id' => 'integer',
        'plan' => FormCast::class . ':plan',
        'settings' => FormCast::class . ':settings',
        'kit' => 'array',
        'pins' => 'array',
        'revision' => 'integer',
        'minutes' => 'integer',
    ];
    protected $attributes = [
        'revision' => 0,
        'modifier_id' => null,
        'gel_id' => null,
        'other_gel_id' => null,
        'minutes' => 30,
        'plan' => '{}',
        'kit' => null,
        'pins' => '[]',
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

    /** Another like it, not stored yet: what was left here as it stood is solved anew there. */
    public function again(): self
    {
        return $this->replicate(self::OWN)->fill(['settings' => array_diff_key($this->settings->toArray(), ['stands' => null])]);
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

    /** @return BelongsTo<Piece, $this> */
    public function otherGel(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /**
     * Everything that it is planned with.
     *
     * @return list<Piece>
     */
    public function gear(): array
    {
        return array_values(array_filter([$this->body, $this->lens, $this->flash, $this->modifier, $this->gel, $this->otherGel]));
    }

    /** With a piece that was changed wherever it is used here. */
    public function withChanged(Piece $piece): self
    {
        foreach ($this->getRelations() as $name => $related) {
            if ($related instanceof Piece && $related->is($piece)) {
                $this->setRelation($name, $piece);
            }
        }

        return $this;
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
        $gear = array_map(static fn(Piece $piece): string => $piece->print(), $this->gear());
        $light = array_diff_key(
            array_intersect_key($this->attributes, array_flip(self::BENCH)),
            array_flip(['name', 'starts_at']),
        );

        return hash(
            'xxh128',
            serialize(
                [
                    MomentSolver::EDITION,
                    $light,
                    $this->isGlowFromCurve() ? $this->glow() : null,
                    $this->around($this->settings, $this->room->isOpenAbove()),
                    $this->mains(),
                    $this->room->boxPrint(),
                    $gear,
                    $more,
                ],
            ),
        );
    }

    /**
     * Keeps an answer of the kit check beside the moment; this is no change of the moment itself.
     *
     * @param array<array-key, mixed> $answer
     */
    public function keepKit(array $answer): void
    {
        self::query()->whereKey($this->id)->toBase()->update(['kit' => json_encode($answer, JSON_THROW_ON_ERROR)]);
    }

    /** Takes over what the form has read of the plan; stores nothing. */
    public function takePlan(Record $plan): self
    {
        return $this->fill([
            'name' => $plan->text('name'),
            'starts_at' => $plan->text('starts') . ':00',
            'minutes' => $plan->whole('minutes'),
            'plan' => array_diff_key($plan->toArray(), ['name' => null, 'starts' => null, 'minutes' => null]),
        ]);
    }

    /** What is planned, by MomentForm::plan(). */
    public function wholePlan(): Record
    {
        return MomentForm::plan()->stored(
            ['name' => $this->name, 'starts' => $this->clock(), 'minutes' => $this->minutes] + $this->plan->toArray(),
        );
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
