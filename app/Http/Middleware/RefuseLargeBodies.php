<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Form\MomentReader;
use Symfony\Component\HttpFoundation\Response;

/** Turns oversized requests away before anything is parsed or looked up; nginx has done the same before. */
final class RefuseLargeBodies
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $most = $request->is('import', 'import/*') ? DocumentReader::MOST_BYTES : MomentReader::MOST_BYTES;
        if ((int) $request->headers->get('Content-Length', '0') <= $most) {
            return $next($request);
        }

        return response()->json(['message' => "The request is too long: at most $most bytes."], 413);
    }
}
