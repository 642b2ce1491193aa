<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\Solution;

/** The settings of a moment in a line, as a list shows them. */
final readonly class AnswerData
{
    public function __construct(
        /** Whether room and face come out as wished. */
        public bool $feasible,
        /** "1/40 s" */
        public string $shutter,
        public string $aperture,
        public string $iso,
        /** Way that the head points, in words. */
        public string $head,
        /** "1/16 +⅓" */
        public string $output,
        /** Share of full power of a pop, above 0, at most 1. */
        public float $share,
        /** What cannot be had and by how many stops; empty when all can. */
        public string $shortfall,
    ) {}

    public static function of(Solution $solution): self
    {
        $settings = $solution->best->choice->settings;

        return new self(
            $solution->isFeasible(),
            "{$settings->shutter->label()} s",
            $settings->aperture->label(),
            "ISO {$settings->iso->label()}",
            $solution->best->light->aim->inWords(),
            $solution->best->output->label(),
            $solution->best->output->share(),
            implode(' ', array_map(static fn(Shortfall $s): string => $s->sentence(), $solution->shortfalls)),
        );
    }

    /** @param array<array-key, mixed> $stored as it came from json_encode */
    public static function fromStored(array $stored): self
    {
        $text = static fn(string $name): string => is_string($stored[$name] ?? null) ? $stored[$name] : '';

        return new self(
            ($stored['feasible'] ?? false) === true,
            $text('shutter'),
            $text('aperture'),
            $text('iso'),
            $text('head'),
            $text('output'),
            is_numeric($stored['share'] ?? null) ? (float) $stored['share'] : 1.0,
            $text('shortfall'),
        );
    }

    /** @return array<string, mixed> */
    public function toStore(): array
    {
        return ['feasible' => $this->feasible, 'shutter' => $this->shutter, 'aperture' => $this->aperture, 'iso' => $this->iso, 'head' => $this->head, 'output' => $this->output, 'share' => $this->share, 'shortfall' => $this->shortfall];
    }

    /** "1/40 s, f/4, ISO 1250, head: left wall, 1/16" */
    public function inALine(): string
    {
        return sprintf('%s, %s, %s, head: %s, output %s', $this->shutter, $this->aperture, $this->iso, lcfirst($this->head), $this->output);
    }
}
