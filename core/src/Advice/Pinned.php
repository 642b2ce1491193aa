<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Solve\Solution;

/** Settings that were kept, to be told apart from others in clicks. */
final readonly class Pinned
{
    private function __construct(
        public ExposureSettings $settings,
        public Output $output,
        /** The way the head points, in words. */
        public string $head,
        /** Levels by room and flash together, stops against correct. */
        public float $face,
        public float $backdrop,
    ) {}

    public static function of(Solution $solution): self
    {
        return new self(
            $solution->best->choice->settings,
            $solution->best->output,
            $solution->best->light->aim->inWords(),
            round($solution->levels->face->value, 2),
            round($solution->levels->backdrop->value, 2),
        );
    }

    /** @return array{tv: int, av: int, sv: int, output: int|null, head: string, face: float, backdrop: float} steps in thirtieths of a stop */
    public function toStore(): array
    {
        return [
            'tv' => $this->settings->shutter->tv->thirtieths,
            'av' => $this->settings->aperture->av->thirtieths,
            'sv' => $this->settings->iso->sv->thirtieths,
            'output' => $this->output->stops?->thirtieths,
            'head' => $this->head,
            'face' => $this->face,
            'backdrop' => $this->backdrop,
        ];
    }

    /** @param array{tv: int, av: int, sv: int, output: int|null, head: string, face: float|int, backdrop: float|int} $stored what toStore() gave */
    public static function fromStored(array $stored): self
    {
        $at = ExactStops::fromThirtieths(...);

        return new self(
            ExposureSettings::of(
                Shutter::of($at($stored['tv'])),
                Aperture::of($at($stored['av'])),
                Iso::of($at($stored['sv'])),
            ),
            $stored['output'] === null ? Output::off() : Output::of($at($stored['output'])),
            $stored['head'],
            (float) $stored['face'],
            (float) $stored['backdrop'],
        );
    }

    /**
     * Clicks to turn to get here from what is set, by control; controls that stay are left out. A step of
     * another body may lie between two clicks of the one as it is now and counts as the nearer.
     *
     * @return array<'shutter'|'aperture'|'iso'|'output', int> above 0 is faster, narrower, higher, more
     */
    public function clicksFrom(self $now, Step $camera, Step $unit): array
    {
        $clicks = static fn(ExactStops $to, ExactStops $from, Step $step): int => (int) round(
            ($to->thirtieths - $from->thirtieths) / $step->thirtieths(),
        );

        return array_filter([
            'shutter' => $clicks($this->settings->shutter->tv, $now->settings->shutter->tv, $camera),
            'aperture' => $clicks($this->settings->aperture->av, $now->settings->aperture->av, $camera),
            'iso' => $clicks($this->settings->iso->sv, $now->settings->iso->sv, $camera),
            'output' => $this->output->stops === null || $now->output->stops === null
                ? 0
                : $clicks($this->output->stops, $now->output->stops, $unit),
        ], static fn(int $turned): bool => $turned !== 0);
    }
}
