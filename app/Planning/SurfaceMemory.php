<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Container\Attributes\Cache;
use Illuminate\Contracts\Cache\Repository;
use Kaddle\Core\Picture\KnownSurfaces;

/** Light on surfaces, in the memory that the workers of this server share. */
final readonly class SurfaceMemory implements KnownSurfaces
{
    /** As long as somebody works at a moment. */
    private const SECONDS = 3600;

    public function __construct(
        #[Cache('shared')]
        private Repository $memory,
    ) {}

    public function recall(string $question, \Closure $work): array
    {
        return $this->memory->remember("surface:$question", self::SECONDS, $work);
    }
}
