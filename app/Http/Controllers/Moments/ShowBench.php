<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use App\Models\User;
use App\Pages\BenchPage;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Form\DragForm;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;

/** The bench: one moment, solved as stored. */
final class ShowBench
{
    public function __invoke(Moment $moment, #[CurrentUser] User $user, KnownLights $known, Voice $voice): Response
    {
        $moment->load(Moment::WHOLE);
        $solution = MomentSolver::solve(MomentReader::fromArray($moment->document()), $known);

        return Inertia::render('moments/Bench', [
            'bench' => BenchPage::of($moment, $user, $solution, $voice),
            'dragForm' => DragForm::shape()->form(),
        ]);
    }
}
