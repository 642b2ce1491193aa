<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Document\AskedLookDocument;
use Kaddle\Core\Drag\AskedLook;
use Kaddle\Core\Form\AskForm;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;

/** Settings for a look of a draft that somebody asks for; stores nothing. */
final class AskLook
{
    public function __invoke(Request $request, MomentRequest $draft, KnownLights $known, Voice $voice): JsonResponse
    {
        $ask = AskForm::ask($request->input('ask'));
        $solution = MomentSolver::solve($draft->light(), $known);

        return new JsonResponse(AskedLookDocument::of(AskedLook::of($solution, $ask), $solution, $voice));
    }
}
