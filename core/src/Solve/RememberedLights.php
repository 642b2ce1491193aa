<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

/** Light that was worked out before in the same run. */
final class RememberedLights implements KnownLights
{
    /** @var array<string, non-empty-list<FaceLight>> by question */
    private array $lights = [];

    public function recall(string $question, \Closure $work): array
    {
        return $this->lights[$question] ??= $work();
    }
}
