<?php

declare(strict_types=1);

namespace App\Starter;

use App\Models\User;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Flash\ZoomTable;
use Kaddle\Core\Quantity\Step;

/** Plain gear of no particular maker, so that a new account can work at once. */
final class StarterBag
{
    private function __construct() {}

    /** Gives the account a bag unless it has one. */
    public static function ensureFor(User $user): void
    {
        if ($user->bodies()->exists()) {
            return;
        }
        self::bodies($user);
        self::lenses($user);
        self::flashUnits($user);
    }

    private static function flashUnits(User $user): void
    {
        $user->flashUnits()->create([
            'name' => 'Full-size flash',
            'zoom' => ZoomTable::of([
                ZoomStep::of(24.0, 28.0, 38.0),
                ZoomStep::of(35.0, 36.0, 31.0),
                ZoomStep::of(50.0, 42.0, 25.0),
                ZoomStep::of(70.0, 50.0, 19.0),
                ZoomStep::of(105.0, 58.0, 14.0),
            ]),
            'bounce_zoom_mm' => 24.0,
            'lowest_under_full' => 7,
            'step' => Step::Third,
        ]);
        $user->flashUnits()->create([
            'name' => 'Pocket flash',
            'zoom' => ZoomTable::fixed(ZoomStep::of(28.0, 14.0, 42.0)),
            'bounce_zoom_mm' => 28.0,
            'lowest_under_full' => 5,
            'step' => Step::Whole,
        ]);
    }

    private static function bodies(User $user): void
    {
        $user->bodies()->create([
            'name' => 'Full-frame body',
            'step' => Step::Third,
            'sync_tv' => Shutter::fromLabel('1/200', Step::Third),
            'base_iso_sv' => Iso::fromLabel('100', Step::Third),
            'usable_iso_sv' => Iso::fromLabel('6400', Step::Third),
            'stabiliser_stops' => 0.0,
            'crop' => 1.0,
            'strictness' => 1.0,
        ]);
        $user->bodies()->create([
            'name' => 'Small-sensor body',
            'step' => Step::Half,
            'sync_tv' => Shutter::fromLabel('1/180', Step::Half),
            'base_iso_sv' => Iso::fromLabel('200', Step::Half),
            'usable_iso_sv' => Iso::fromLabel('3200', Step::Half),
            'stabiliser_stops' => 1.0,
            'crop' => 1.5,
            'strictness' => 1.0,
        ]);
    }

    private static function lenses(User $user): void
    {
        foreach ([['Fast 35', 35.0, 35.0, 'f/1.8'], ['Standard zoom', 24.0, 70.0, 'f/2.8'], ['Portrait 85', 85.0, 85.0, 'f/1.8']] as [$name, $shortest, $longest, $widest]) {
            $user->lenses()->create([
                'name' => $name,
                'shortest_mm' => $shortest,
                'longest_mm' => $longest,
                'widest_av' => Aperture::fromLabel($widest, Step::Third),
                'narrowest_av' => Aperture::fromLabel('f/16', Step::Third),
            ]);
        }
    }
}
