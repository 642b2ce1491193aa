<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A document that somebody brought, and what became of it.
 *
 * @property int $id
 * @property int $user_id
 * @property bool $is_preview whether only asked what it would change
 * @property ImportState $state
 * @property string|null $document as it came, while it waits
 * @property int $done records so far
 * @property int $total records in it; 0 while it is read
 * @property array<string, mixed>|null $outcome the answer, once there is one
 */
final class Import extends Model
{
    protected $table = 'imports';

    protected $fillable = ['is_preview', 'state', 'document', 'done', 'total', 'outcome'];

    protected $attributes = ['document' => null, 'done' => 0, 'total' => 0, 'outcome' => null];

    protected $casts = ['is_preview' => 'boolean', 'state' => ImportState::class, 'outcome' => 'array'];
}
