<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

/** Light that was asked for before in the same run, which a memory that outlives it takes longer to give. */
final class RememberedLights implements KnownLights
{
    /** @param KnownLights|null $longer knows light from other runs */
    public function __construct(
        private readonly ?KnownLights $longer = null,
    ) {}

    /** @var array<string, non-empty-list<FaceLight>> by question */
    private array $lights = [];

    public function recall(string $question, \Closure $work): array
    {
        return $this->lights[$question] ??= $this->longer?->recall($question, $work) ?? $work();
    }
}
