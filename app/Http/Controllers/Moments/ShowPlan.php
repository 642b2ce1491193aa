<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use App\Models\Room;
use App\Pages\Listings;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Form\MomentForm;

/** What is planned for a moment besides light. */
final class ShowPlan
{
    public function __invoke(Moment $moment): Response
    {
        $moment->load(['night.venue.rooms']);

        return Inertia::render('moments/Plan', [
            'momentId' => $moment->id,
            'revision' => $moment->revision,
            'night' => Listings::night($moment->night),
            'form' => MomentForm::plan()->form(),
            'values' => $moment->wholePlan()->toArray(),
            'roomId' => $moment->room_id,
            'rooms' => $moment->night->venue->rooms->map(
                static fn(Room $r): array => ['id' => $r->id, 'name' => $r->name],
            )->all(),
        ]);
    }
}
