<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\AskedLook;
use Kaddle\Core\Drag\AskKind;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\AskWords;
use Kaddle\Core\Words\Voice;

/** Settings for a look that was asked for, or what of it cannot be had. */
final readonly class AskedLookDocument
{
    /** @param list<AskMissDocument> $misses */
    private function __construct(
        public AskKind $kind,
        /** Whether everything is met within a click. */
        public bool $isMet,
        /** Whether it lives by a flash that the moment is taken without: its settings are the moment's own, and nothing is to be used. */
        public bool $isRuledOut,
        public string $shutter,
        public string $aperture,
        public string $iso,
        /** "1/8", "off" */
        public string $output,
        public bool $withoutFlash,
        public Curtain $curtain,
        public bool $tripod,
        /** Degrees by which the camera is swept; 0 where it is not. */
        public float $angle,
        /** m to focus at. */
        public float $focus,
        /** What cannot be met, most stops first. @var list<AskMissDocument> */
        public array $misses,
        public string $sentence,
    ) {}

    public static function of(AskedLook $look, Solution $solution, Voice $voice): self
    {
        $misses = $look->misses;
        arsort($misses);

        return new self(
            $look->ask->kind,
            $look->isMet(),
            $look->isRuledOut(),
            $look->settings->shutter->label(),
            $look->settings->aperture->label(),
            $look->settings->iso->label(),
            $look->output->label(),
            $look->output->stops === null,
            $look->curtain,
            $look->ask->tripod,
            round($look->angle, 1),
            round($solution->moment->scene->distance, 2),
            array_map(
                static fn(string $part, float $stops): AskMissDocument => AskMissDocument::of($part, $stops),
                array_keys($misses),
                array_values($misses),
            ),
            AskWords::of($look, $solution, $voice),
        );
    }
}
