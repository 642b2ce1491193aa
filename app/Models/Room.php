<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Room\RoomKind;

/**
 * A room as a box, with a pitched roof where it has one; lengths in m.
 *
 * @property int $id
 * @property int $user_id
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
 */
final class Room extends Model
{
    protected $fillable = [
        'name', 'length_m', 'width_m', 'height_m', 'ridge_m', 'ridge_runs',
        'ceiling_finish', 'floor_finish', 'back_finish', 'far_finish', 'right_finish', 'left_finish',
    ];

    protected $casts = [
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
    ];

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
     * As a moment document carries it.
     *
     * @return array<string, mixed>
     */
    public function document(): array
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
}
