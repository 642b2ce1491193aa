<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use App\Models\User;
use App\Planning\BagSpares;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Kaddle\Core\Document\PictureDocument;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Form\ViewForm;
use Kaddle\Core\Picture\KnownSurfaces;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Solves a draft and says what the camera sees of it: two documents, a line each, the settings as soon as they are known. Stores nothing. */
final class SolveAndPicture
{
    public function __invoke(
        Request $request,
        MomentRequest $draft,
        #[CurrentUser]
        User $user,
        KnownLights $known,
        KnownSurfaces $surfaces,
        Voice $voice,
    ): StreamedResponse {
        $view = ViewForm::view($request->input('view'));
        $solution = MomentSolver::solve($draft->light(), $known);
        $settings = SolutionDocument::of($solution, $voice, BagSpares::of($user)->for($solution));

        return new StreamedResponse(static function () use ($settings, $draft, $solution, $known, $surfaces, $view, $voice): void {
            self::line($settings);
            $seen = $draft->lightWithColour();
            self::line(PictureDocument::of($seen === $draft->light() ? $solution : MomentSolver::solve($seen, $known), $view, $voice, $surfaces));
        }, headers: ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no']);
    }

    private static function line(object $document): void
    {
        echo json_encode($document, JSON_THROW_ON_ERROR), "\n";
        flush();
    }
}
