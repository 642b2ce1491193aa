<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use App\Models\User;
use App\Planning\BagSpares;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\Voice;

/** Solves a draft with other places of what can be moved in the drawings, before a hand gets there; stores nothing. */
final class SolveStrip
{
    private const MOST = 24;

    public function __invoke(
        Request $request,
        MomentRequest $draft,
        #[CurrentUser]
        User $user,
        KnownLights $known,
        Voice $voice,
    ): JsonResponse {
        $spares = BagSpares::of($user);
        $strip = $request->input('strip');
        if (!is_array($strip) || !array_is_list($strip) || count($strip) > self::MOST) {
            throw ValidationException::withMessages(
                ['strip' => sprintf('Give the places as a list of at most %d.', self::MOST)],
            );
        }
        $moments = array_filter(
            array_map(static fn(mixed $parts): ?Moment => is_array($parts) ? $draft->lightWith($parts) : null, $strip),
        );
        $solutions = array_map(
            static fn(Solution $s): SolutionDocument => SolutionDocument::of($s, $voice, $spares->for($s)),
            MomentSolver::solveAll($moments, $known),
        );

        return new JsonResponse(
            array_map(static fn(int $i): ?SolutionDocument => $solutions[$i] ?? null, array_keys($strip)),
        );
    }
}
