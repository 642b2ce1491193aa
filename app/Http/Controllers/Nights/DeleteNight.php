<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use Illuminate\Http\RedirectResponse;

final class DeleteNight
{
    public function __invoke(Night $night): RedirectResponse
    {
        $night->delete();

        return redirect()->route('nights.index')->with('notice', "“{$night->name}” is deleted.");
    }
}
