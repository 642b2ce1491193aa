<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Models\Venue;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Exchange\PlaceShape;
use Kaddle\Core\Reading\Fields;

final class SavePlace
{
    public function __invoke(Request $request, Venue $venue): RedirectResponse
    {
        $venue->update(['rules' => [], ...Fields::whole($request->post(), PlaceShape::shape()->read(...))]);

        return back()->with('notice', 'Saved.');
    }
}
