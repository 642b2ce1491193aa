<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Candidate;

/**
 * Where the controls stand.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Stand
{
    private function __construct(
        public ExposureSettings $settings,
        /** Off for a flash that is switched off. */
        public Output $output,
        /** Names the way the head points: two that are turned by hand differ by their angles. */
        public string $way,
    ) {}

    public static function ofCandidate(Candidate $candidate): self
    {
        return new self($candidate->choice->settings, $candidate->output, self::wayOf($candidate));
    }

    /** @param Angles|null $angles of a head that is turned by hand */
    public static function of(ExposureSettings $settings, Output $output, HeadAim $aim, ?Angles $angles): self
    {
        return new self($settings, $output, self::named($aim, $angles));
    }

    public static function wayOf(Candidate $candidate): string
    {
        return self::named($candidate->light->aim, $candidate->light->angles);
    }

    private static function named(HeadAim $aim, ?Angles $angles): string
    {
        return $aim->value . ($angles === null ? '' : sprintf(' %.1f %.1f', $angles->turn, $angles->tilt));
    }

    /** Whether body, lens and unit of a moment have such places at all. */
    public function isWithin(Moment $moment): bool
    {
        foreach (Control::cases() as $control) {
            [$least, $most] = $control->places($moment) ?? [null, null];
            $place = $this->place($control);
            if ($place !== null && ($place < $least || $place > $most)) {
                return false;
            }
        }

        return true;
    }

    public function equals(self $other): bool
    {
        foreach (Control::cases() as $control) {
            if ($this->place($control) !== $other->place($control)) {
                return false;
            }
        }

        return $this->way === $other->way;
    }

    public function isOff(): bool
    {
        return $this->output->stops === null;
    }

    /** Thirtieths of a stop that a control stands at; null for what has no clicks, and for a flash that is off. */
    public function place(Control $control): ?int
    {
        return match ($control) {
            Control::Shutter => $this->settings->shutter->tv->thirtieths,
            Control::Aperture => $this->settings->aperture->av->thirtieths,
            Control::Iso => $this->settings->iso->sv->thirtieths,
            Control::Output => $this->output->stops?->thirtieths,
            default => null,
        };
    }

    /** The same with a control where it stood before. */
    public function with(Control $control, self $before): self
    {
        [$now, $then] = [$this->settings, $before->settings];

        return new self(
            ExposureSettings::of(
                ($control === Control::Shutter ? $then : $now)->shutter,
                ($control === Control::Aperture ? $then : $now)->aperture,
                ($control === Control::Iso ? $then : $now)->iso,
                $now->aids,
            ),
            $control === Control::Output ? $before->output : $this->output,
            $control === Control::Head ? $before->way : $this->way,
        );
    }
}
