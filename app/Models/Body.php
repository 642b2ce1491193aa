<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\IsoCast;
use App\Casts\ShutterCast;
use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Quantity\Step;

/**
 * A camera body.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property Step $step
 * @property Shutter $sync_tv
 * @property Iso $base_iso_sv
 * @property Iso $usable_iso_sv
 * @property float $stabiliser_stops
 * @property float $crop
 * @property float $strictness
 */
final class Body extends Model
{
    protected $fillable = ['name', 'step', 'sync_tv', 'base_iso_sv', 'usable_iso_sv', 'stabiliser_stops', 'crop', 'strictness'];

    protected $casts = [
        'step' => Step::class,
        'sync_tv' => ShutterCast::class,
        'base_iso_sv' => IsoCast::class,
        'usable_iso_sv' => IsoCast::class,
        'stabiliser_stops' => 'float',
        'crop' => 'float',
        'strictness' => 'float',
    ];

    /**
     * As a moment document carries it.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return [
            'step' => $this->step->value,
            'sync' => $this->sync_tv->label(),
            'baseIso' => $this->base_iso_sv->label(),
            'usableIso' => $this->usable_iso_sv->label(),
            'stabiliser' => $this->stabiliser_stops,
            'crop' => $this->crop,
            'strictness' => $this->strictness,
        ];
    }
}
