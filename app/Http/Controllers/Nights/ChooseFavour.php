<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Form\FavourForm;
use Kaddle\Core\Score\Favour;

/** What a night is to be good at. */
final class ChooseFavour
{
    public function __invoke(Request $request, Night $night): RedirectResponse
    {
        $night->update(['favour' => FavourForm::shape()->whole($request->post())->choice('favour', Favour::class)]);

        return redirect()->route('nights.show', $night);
    }
}
