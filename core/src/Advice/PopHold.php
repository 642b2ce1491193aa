<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Motion\SubjectBlur;
use Kaddle\Core\Solve\Solution;

/**
 * What of people who move a pop holds sharp, by its own length.
 *
 * @see docs/physics.md, “How long a pop is”
 *
 * @phpstan-all-methods-pure
 */
enum PopHold: string
{
    case Everything = 'everything';
    /** Bodies, but not hands and skirts. */
    case Bodies = 'bodies';
    case Nothing = 'nothing';
    /** Pulses last as long as the shutter is open. */
    case Pulsed = 'pulsed';
    case NoFlash = 'no-flash';

    public static function of(Solution $solution): self
    {
        $moment = $solution->moment;
        $settings = $solution->best->choice->settings;
        if ($solution->best->isOff()) {
            return self::NoFlash;
        }
        if ($settings->aids->pulsesAt($settings->shutter)) {
            return self::Pulsed;
        }
        $pop = $moment->flash->pop->blurring($solution->best->output);
        $holds = static fn(float $speed): bool => SubjectBlur::atMetres(
            $moment->optics,
            $moment->scene->distance,
            $speed,
        )->shareFor($pop) <= SubjectBlur::SHARP;

        return match (true) {
            $holds($moment->people->movement->handSpeed()) => self::Everything,
            $holds($moment->people->movement->speed()) => self::Bodies,
            default => self::Nothing,
        };
    }
}
