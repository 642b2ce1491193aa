<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Data\RoomSummary;
use App\Models\Room;
use App\Models\Venue;
use App\Pages\Listings;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Form\PlaceForm;
use Kaddle\Core\Words\Voice;

final class ShowPlace
{
    public function __invoke(Venue $venue, Voice $voice): Response
    {
        return Inertia::render('places/Show', [
            'id' => $venue->id,
            'nights' => $venue->nights()->count(),
            'form' => PlaceForm::shape()->form(),
            'values' => array_diff_key($venue->document(), ['uid' => null]),
            'rooms' => $venue->rooms()->withCount('moments')->get()->map(
                static fn(Room $r): RoomSummary => Listings::room($r, $voice),
            )->all(),
        ]);
    }
}
