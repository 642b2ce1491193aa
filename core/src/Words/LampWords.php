<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Motion\Trail;
use Kaddle\Core\Motion\TrailShape;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;

/** What lamps do in a long exposure, in sentences. */
final class LampWords
{
    /** Stops over the ground under which a lamp’s trail hardly shows. */
    private const FAINT = 0.5;

    /** Stops between frames from which the beat of lamps is seen. */
    private const UNEVEN = 0.15;

    private function __construct() {}

    public static function trail(Trail $trail, DragView $view): string
    {
        $moment = $view->solution->moment;
        $ground = Stops::ofRatio($view->subject->behind + $view->subject->behindFlash);
        $over = $trail->level->minus($ground);
        $shown = match (true) {
            $trail->isWhite() => 'white at its core, colour only at its rim',
            $over->value < self::FAINT => 'hardly to be seen',
            default => 'in its own colour',
        };
        $level = "{$trail->level->signed()} stops, {$over->signed()} against what is behind: $shown";
        if ($trail->shape === TrailShape::Dot) {
            return "A dot, $level. A stop brighter for each doubling of the time.";
        }
        $dashes = $trail->dashes === null ? '' : sprintf(' It beats: a dash every %s.', DragWords::smear($trail->dashes, $moment));

        return sprintf(
            '%s of %s, %s. A longer time makes it longer, not brighter.%s',
            match ($trail->shape) {
                TrailShape::Arc => 'An arc',
                TrailShape::Hook => 'A hook',
                TrailShape::Ray => 'A ray',
                default => 'A line',
            },
            DragWords::smear($trail->length, $moment),
            $level,
            $dashes,
        );
    }

    public static function flicker(DragView $view): string
    {
        $flicker = $view->flicker;
        $mains = $view->solution->moment->mains;
        $told = $flicker->between->value < self::UNEVEN
            ? "Simple lamps on {$mains->inWords()} come out alike in every frame."
            : sprintf(
                'Simple lamps on %s may differ by up to %s from frame to frame, %s from top to bottom; filaments by a fifth of that. %s is even.',
                $mains->inWords(),
                $flicker->between->amount(),
                $flicker->across->amount(),
                $mains->frequency() === 50 ? '1/100 s or 1/50 s' : '1/60 s or 1/30 s',
            );
        $pulsed = $view->pulsed();

        return $pulsed === null ? $told : $told . ' ' . ($pulsed->across->value < self::UNEVEN
            ? 'Show lamps dimmed by pulses draw no bands at this time.'
            : sprintf('Show lamps dimmed by pulses draw some %s bands of up to %s.', Number::plain($pulsed->bands, 0), $pulsed->across->amount()));
    }
}
