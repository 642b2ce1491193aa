<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Form\BounceCase;
use Kaddle\Core\Quantity\Rgb;

/** Luminous exposures in a bare room, lx·s at full power: the output of `light bounce`. */
final class BounceDocument
{
    private function __construct() {}

    /** @return array<string, mixed> */
    public static function of(BounceCase $case): array
    {
        return ['id' => $case->id] + array_map(self::split(...), $case->exposures());
    }

    /** @return array<string, list<float>> */
    private static function split(Exposure $exposure): array
    {
        return [
            'direct' => self::triple($exposure->direct),
            'first' => self::triple($exposure->first()),
            'total' => self::triple($exposure->total()),
        ];
    }

    /** @return list<float> */
    private static function triple(Rgb $light): array
    {
        return [$light->r, $light->g, $light->b];
    }
}
