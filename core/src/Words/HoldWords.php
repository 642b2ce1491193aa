<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Advice\OtherHold;
use Kaddle\Core\Glow\SpotGlow;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Levels;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Wish\Hold;

/** Face and background, where the room lights them differently, in words. */
final class HoldWords
{
    /** Stops from which something on the picture is white or black. */
    private const CLIPS = 3.0;
    private const DROWNS = -5.0;

    /** Stops that no kind of lamps puts between a face and what is behind it: people beside them, perhaps, but not measured right. */
    private const ODD = 5.0;

    private function __construct() {}

    /** "bar: faces 1.3 stops over what is behind, give or take 0.4 stops, from 2 readings" */
    public static function spot(SpotGlow $spot): string
    {
        return sprintf(
            '%s: faces %s %s what is behind, give or take %s, from %d %s',
            $spot->spot,
            Stops::of(abs($spot->over->value))->amount(),
            $spot->over->value < 0.0 ? 'under' : 'over',
            Stops::of($spot->doubt)->amount(),
            $spot->readings,
            $spot->readings === 1 ? 'reading' : 'readings',
        );
    }

    /** Both lights, what is held, and a doubt about what was told. */
    public static function both(Moment $moment, Levels $levels): string
    {
        $over = $moment->faceGlow->over;
        $doubt = $moment->faceGlow->doubt > 0.0 ? sprintf(', taken from the lamps, give or take %s', Stops::of($moment->faceGlow->doubt)->amount()) : '';

        return sprintf(
            'The room gives the face EV %s and what is behind it EV %s: the face %s %s%s. Held is %s; by the room alone the face reads %s, what is behind %s.%s',
            Number::plain($moment->onFace->ev, 1),
            Number::plain($moment->glow->ev, 1),
            Stops::of(abs($over->value))->amount(),
            $over->value < 0.0 ? 'darker' : 'brighter',
            $doubt,
            $moment->look->hold === Hold::Face ? 'the face' : 'what is behind',
            $levels->faceRoom->signed(),
            $levels->room->signed(),
            abs($over->value) > self::ODD && $moment->faceGlow->doubt === 0.0 ? ' No kind of lamps in a room does that alone; if nothing bright or dark stands there, measure both again.' : '',
        );
    }

    /** "By the room alone the face reads −4.2, what is behind −0.2."; '' where both are the same. */
    public static function inShort(Moment $moment, Levels $levels): string
    {
        return $moment->faceGlow->isEven() ? '' : "By the room alone the face reads {$levels->faceRoom->signed()}, what is behind {$levels->room->signed()}.";
    }

    /** What the other wish would give, and take. */
    public static function other(OtherHold $other, Solution $solution): string
    {
        $settings = $other->there->choice->settings;
        $output = $other->there->isOff() ? '' : ", output {$other->there->output->label()} instead of {$solution->best->output->label()}";
        $reads = static fn(Levels $levels): string => sprintf('the face %s, what is behind %s', $levels->face->signed(), $levels->backdrop->signed());

        return sprintf(
            '%s: %s, %s, ISO %s%s. Then read %s; now %s.%s',
            $other->moment->look->hold->inWords(),
            $settings->shutter->label(),
            $settings->aperture->label(),
            $settings->iso->label(),
            $output,
            $reads($other->levels),
            $reads($solution->levels),
            match (true) {
                $other->levels->backdrop->value > self::CLIPS => ' What is behind goes white.',
                $other->levels->backdrop->value < self::DROWNS => ' What is behind goes black.',
                $other->there->tooWeak() > 0.0 => sprintf(' The flash then falls short by %s.', Stops::of($other->there->tooWeak())->amount()),
                default => '',
            },
        );
    }
}
