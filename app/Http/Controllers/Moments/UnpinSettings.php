<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use App\Planning\Pins;
use Illuminate\Http\Response;

/** Takes settings off again that were kept. */
final class UnpinSettings
{
    public function __invoke(Moment $moment, string $pin): Response
    {
        Pins::of($moment)->remove($pin);

        return new Response(status: 204);
    }
}
