<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Container\Attributes\Cache;
use Illuminate\Contracts\Cache\Repository;
use Kaddle\Core\Solve\KnownLights;

/**
 * Light that was worked out, in the memory that the workers of this server share; named by all it
 * depends on, so it is never out of date.
 */
final readonly class LightMemory implements KnownLights
{
    /** An evening at the bench. */
    private const SECONDS = 4 * 3600;

    public function __construct(
        #[Cache('shared')]
        private Repository $memory,
    ) {}

    public function recall(string $question, \Closure $work): array
    {
        return $this->memory->remember("light:$question", self::SECONDS, $work);
    }
}
