<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

/** Keeps the light on surfaces that has been worked out: where a head shines at walls and ceiling, it stays while people move. */
interface KnownSurfaces
{
    /**
     * @param string $question the same only for the same light on the same surface
     * @param \Closure(): non-empty-list<non-empty-list<array{float, float, float}>> $work what to do where it is not known
     *
     * @return non-empty-list<non-empty-list<array{float, float, float}>> red, green and blue by row and column, lx·s
     */
    public function recall(string $question, \Closure $work): array;
}
