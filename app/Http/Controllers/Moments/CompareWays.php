<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use App\Models\Moment;
use App\Models\User;
use App\Planning\NightEnergy;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Kaddle\Core\Plan\Behind;
use Kaddle\Core\Plan\Clothing;
use Kaddle\Core\Plan\Document\WaysDocument;
use Kaddle\Core\Plan\MomentSolver;
use Kaddle\Core\Plan\OutputWays;

/** Who could set the output of a draft, with the clothes and the backdrop that are planned; stores nothing. */
final class CompareWays
{
    public function __invoke(MomentRequest $request, Moment $moment, #[CurrentUser] User $user): JsonResponse
    {
        $planned = static fn(string $name): string => is_string($moment->plan[$name] ?? null) ? $moment->plan[$name] : '';
        $solution = MomentSolver::solve($request->light()->moment);

        $ways = OutputWays::of(
            $solution,
            Clothing::tryFrom($planned('clothing')) ?? Clothing::Mixed,
            Behind::tryFrom($planned('behind')) ?? Behind::Guests,
            $request->metering(),
        );

        return new JsonResponse(WaysDocument::of($solution, $ways, NightEnergy::feedFor($request->flash(), $user)->source));
    }
}
