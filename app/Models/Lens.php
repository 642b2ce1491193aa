<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ApertureCast;
use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Exposure\Aperture;

/**
 * A lens; focal lengths in mm.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property float $shortest_mm
 * @property float $longest_mm
 * @property Aperture $widest_av
 * @property Aperture $narrowest_av
 */
final class Lens extends Model
{
    protected $fillable = ['name', 'shortest_mm', 'longest_mm', 'widest_av', 'narrowest_av'];

    protected $casts = [
        'shortest_mm' => 'float',
        'longest_mm' => 'float',
        'widest_av' => ApertureCast::class,
        'narrowest_av' => ApertureCast::class,
    ];

    /**
     * As a moment document carries it.
     *
     * @return array<string, mixed>
     */
    public function document(mixed $focalLength): array
    {
        return [
            'focalLength' => $focalLength,
            'widest' => $this->widest_av->label(),
            'narrowest' => $this->narrowest_av->label(),
        ];
    }
}
