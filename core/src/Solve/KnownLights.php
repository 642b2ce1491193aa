<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

/** Keeps light that has been worked out: most changes of a moment leave its room, its people and its head where they are. */
interface KnownLights
{
    /**
     * @param string $question the same only for the same light
     * @param \Closure(): non-empty-list<FaceLight> $work what to do where it is not known
     *
     * @return non-empty-list<FaceLight>
     */
    public function recall(string $question, \Closure $work): array;
}
