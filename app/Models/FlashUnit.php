<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Quantity\Step;

/**
 * A flash unit at the zoom that it takes when its head is tilted.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property float $guide_number_m
 * @property float $half_angle_deg
 * @property int $lowest_under_full
 * @property Step $step
 */
final class FlashUnit extends Model
{
    protected $fillable = ['name', 'guide_number_m', 'half_angle_deg', 'lowest_under_full', 'step'];

    protected $casts = [
        'guide_number_m' => 'float',
        'half_angle_deg' => 'float',
        'lowest_under_full' => 'integer',
        'step' => Step::class,
    ];

    /**
     * As a moment document carries it.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return [
            'guideNumber' => $this->guide_number_m,
            'halfAngle' => $this->half_angle_deg,
            'lowestUnderFull' => $this->lowest_under_full,
            'step' => $this->step->value,
        ];
    }
}
