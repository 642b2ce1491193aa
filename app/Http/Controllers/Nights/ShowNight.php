<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Data\MomentSummary;
use App\Data\NightData;
use App\Models\Moment;
use App\Models\Night;
use Inertia\Inertia;
use Inertia\Response;

final class ShowNight
{
    public function __invoke(Night $night): Response
    {
        $night->load('moments.room');

        return Inertia::render('nights/Show', [
            'night' => NightData::of($night),
            'moments' => $night->moments->map(static fn(Moment $m): MomentSummary => MomentSummary::of($m))->all(),
        ]);
    }
}
