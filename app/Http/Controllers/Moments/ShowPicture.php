<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Document\PictureDocument;
use Kaddle\Core\Form\ViewForm;
use Kaddle\Core\Picture\KnownSurfaces;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;

/** The picture that a draft gives, as geometry and light; stores nothing. */
final class ShowPicture
{
    public function __invoke(Request $request, MomentRequest $draft, KnownLights $known, KnownSurfaces $surfaces, Voice $voice): JsonResponse
    {
        $view = ViewForm::view($request->input('view'));

        return new JsonResponse(PictureDocument::of(MomentSolver::solve($draft->lightWithColour(), $known), $view, $voice, $surfaces));
    }
}
