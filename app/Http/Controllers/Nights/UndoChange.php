<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Exchange\NightChange;
use App\Models\Night;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Takes back what was kept last in a night. */
final class UndoChange
{
    public function __invoke(Night $night, #[CurrentUser] User $user): RedirectResponse
    {
        NightChange::undo($night, $user);

        return redirect()->route('nights.show', $night)->with('notice', 'Taken back.');
    }
}
