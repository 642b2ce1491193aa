<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ZoomTableCast;
use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Flash\ZoomTable;
use Kaddle\Core\Quantity\Step;

/**
 * A flash unit.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property ZoomTable $zoom
 * @property float $bounce_zoom_mm
 * @property int $lowest_under_full
 * @property Step $step
 */
final class FlashUnit extends Model
{
    protected $fillable = ['name', 'zoom', 'bounce_zoom_mm', 'lowest_under_full', 'step'];

    protected $casts = [
        'zoom' => ZoomTableCast::class,
        'bounce_zoom_mm' => 'float',
        'lowest_under_full' => 'integer',
        'step' => Step::class,
    ];

    /**
     * As a moment document carries it, with what is on it.
     *
     * @param mixed $units how many side by side
     * @param mixed $modifier kind, null for none
     * @param mixed $gel kind, null for none
     *
     * @return array<string, mixed>
     */
    public function document(mixed $units = 1, mixed $modifier = null, mixed $gel = null): array
    {
        return [
            'zoom' => array_map(static fn(ZoomStep $s): array => [
                'focalLength' => $s->focalLength,
                'guideNumber' => $s->guideNumber,
                'halfAngle' => $s->halfAngle,
            ], $this->zoom->steps),
            'bounceZoom' => $this->bounce_zoom_mm,
            'lowestUnderFull' => $this->lowest_under_full,
            'step' => $this->step->value,
            'units' => $units,
            ...($modifier === null ? [] : ['modifier' => ['kind' => $modifier]]),
            ...($gel === null ? [] : ['gel' => ['kind' => $gel]]),
        ];
    }
}
