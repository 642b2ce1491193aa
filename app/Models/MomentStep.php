<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A change on the bench that can be taken back, or made again once it is.
 *
 * @property int $id
 * @property int $moment_id
 * @property array<string, mixed> $moment columns of the moment that it changes, as they are on its other side; of the settings, values by dotted path
 * @property array<string, mixed> $room the same of its room
 * @property bool $undone
 */
final class MomentStep extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'moment_steps';

    protected $fillable = ['moment', 'room', 'undone'];

    protected $casts = ['moment' => 'array', 'room' => 'array', 'undone' => 'boolean'];

    /** @return array<string, mixed> what it changes in the settings, by dotted path */
    public function settings(): array
    {
        /** @var array<string, mixed> */
        return $this->moment['settings'] ?? [];
    }
}
