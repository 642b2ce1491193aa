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

    /** @return array{tv: int, av: int, sv: int, output: int, head: string, face: float, backdrop: float} steps in thirtieths of a stop */
    public function toStore(): array
    {
        return [
            'tv' => $this->settings->shutter->tv->thirtieths,
            'av' => $this->settings->aperture->av->thirtieths,
            'sv' => $this->settings->iso->sv->thirtieths,
            'output' => $this->output->stops->thirtieths,
            'head' => $this->head,
            'face' => $this->face,
            'backdrop' => $this->backdrop,
        ];
    }

    /** @param array{tv: int, av: int, sv: int, output: int, head: string, face: float|int, backdrop: float|int} $stored what toStore() gave */
    public static function fromStored(array $stored): self
    {
        $at = ExactStops::fromThirtieths(...);

        return new self(
            ExposureSettings::of(Shutter::of($at($stored['tv'])), Aperture::of($at($stored['av'])), Iso::of($at($stored['sv']))),
            Output::of($at($stored['output'])),
            $stored['head'],
            (float) $stored['face'],
            (float) $stored['backdrop'],
        );
    }

    /** What to turn to get here from what is set: "shutter 2 slower, output 1 down"; "nothing to turn" where they are alike. */
    public function turnsFrom(self $now, Step $camera, Step $unit): string
    {
        $turns = array_filter([
            self::turn('shutter', $this->settings->shutter->tv, $now->settings->shutter->tv, $camera, 'faster', 'slower'),
            self::turn('aperture', $this->settings->aperture->av, $now->settings->aperture->av, $camera, 'closed', 'open'),
            self::turn('ISO', $this->settings->iso->sv, $now->settings->iso->sv, $camera, 'up', 'down'),
            self::turn('output', $this->output->stops, $now->output->stops, $unit, 'up', 'down'),
            $this->head === $now->head ? '' : sprintf('head: %s', lcfirst($this->head)),
        ], static fn(string $turn): bool => $turn !== '');

        return $turns === [] ? 'nothing to turn' : implode(', ', $turns);
    }

    /** Clicks of the control as it is now; a step of another body may lie between two of them and counts as the nearer. */
    private static function turn(string $control, ExactStops $to, ExactStops $from, Step $step, string $more, string $less): string
    {
        $clicks = (int) round(($to->thirtieths - $from->thirtieths) / $step->thirtieths());

        return $clicks === 0 ? '' : sprintf('%s %d %s', $control, abs($clicks), $clicks > 0 ? $more : $less);
    }
}
