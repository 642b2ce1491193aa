<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Download;
use App\Models\Night;
use App\Models\User;
use App\Paper\NightPaper;
use App\Paper\Paper;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** A night on paper. */
final class DownloadPaper
{
    public function __invoke(Night $night, Paper $paper, #[CurrentUser] User $user, KnownLights $known, Voice $voice): Response
    {
        return new Response(NightPaper::of($night, $paper, $user, $known, $voice), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => Download::named("$night->name {$paper->value}", 'pdf'),
        ]);
    }
}
