<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Intake\Record;

/**
 * A piece of gear in somebody's bag. Its figures are a document of the shape that its
 * kind has in the core, and are stored only when the core has read them.
 *
 * @property int $id
 * @property int $user_id
 * @property string $uid what keeps it itself when it is taken elsewhere and back
 * @property PieceKind $kind
 * @property array<string, mixed> $data
 * @property array<string, mixed>|null $before its figures before the last change
 * @property CarbonImmutable|null $archived_at
 */
final class Piece extends Model
{
    use KeepsIdentity;

    protected $table = 'pieces';

    protected $fillable = ['uid', 'kind', 'data', 'before', 'archived_at'];

    protected $attributes = ['before' => null, 'archived_at' => null];

    protected $casts = [
        'kind' => PieceKind::class,
        'data' => 'array',
        'before' => 'array',
        'archived_at' => 'immutable_datetime',
    ];

    /** @var array{array<string, mixed>, Record}|null figures, and what they tell */
    private ?array $told = null;

    /** @var array{string, mixed} JSON, and what it says */
    private array $read = ['', null];

    /** JSON is read once, since all moments of a night share a few pieces. */
    protected function castAttribute($key, $value): mixed
    {
        if ($key !== 'data' || !is_string($value)) {
            return parent::castAttribute($key, $value);
        }
        if ($this->read[0] !== $value) {
            $this->read = [$value, parent::castAttribute($key, $value)];
        }

        return $this->read[1];
    }

    /** Names its figures. */
    public function print(): string
    {
        $data = $this->attributes['data'] ?? null;

        return is_string($data) ? $data : '';
    }

    /** By the form of its kind; made once, since all moments of a night share a few pieces. */
    public function figures(): Record
    {
        if ($this->told === null || $this->told[0] !== $this->data) {
            $this->told = [$this->data, $this->kind->shape()->stored($this->data)];
        }

        return $this->told[1];
    }

    public function name(): string
    {
        return $this->figures()->text('name');
    }

    /** Moments that are planned with it; counted by scopeWithUses() where there are many. */
    public function uses(): int
    {
        $counted = $this->getAttributes()['uses'] ?? null;

        return match (true) {
            is_int($counted) => $counted,
            $this->kind === PieceKind::Battery => 0,
            default => $this->moments()->count(),
        };
    }

    /** @param Builder<self> $query */
    public function scopeWithUses(Builder $query): void
    {
        $query->select('pieces.*')->selectRaw(<<<'SQL'
            (
                select count(*) from moments
                where body_id = pieces.id or lens_id = pieces.id or flash_id = pieces.id or modifier_id = pieces.id or gel_id = pieces.id or other_gel_id = pieces.id
            ) as uses
            SQL);
    }

    /**
     * Moments that are planned with it; not for batteries, which no moment names.
     *
     * @return Builder<Moment>
     */
    public function moments(): Builder
    {
        return Moment::query()->whereAny(
            $this->kind === PieceKind::Gel ? ['gel_id', 'other_gel_id'] : ["{$this->kind->value}_id"],
            $this->id,
        );
    }

    /**
     * What can be chosen now: not archived, or one of those in use.
     *
     * @param Builder<self> $query
     * @param list<int|null> $inUse
     */
    public function scopeToChoose(Builder $query, array $inUse = []): void
    {
        $query->where(
            static fn(Builder $q) => $q->whereNull('archived_at')->orWhereIn('id', array_filter($inUse, is_int(...))),
        );
    }
}
