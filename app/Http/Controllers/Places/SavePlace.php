<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Models\Venue;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Form\PlaceForm;

final class SavePlace
{
    public function __invoke(Request $request, Venue $venue): RedirectResponse
    {
        $venue->update(['rules' => [], ...PlaceForm::shape()->whole($request->post())->toArray()]);

        return back()->with('notice', 'Saved.');
    }
}
