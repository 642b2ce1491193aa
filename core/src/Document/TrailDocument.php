<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Colour\BlackBody;
use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Motion\FramePoint;
use Kaddle\Core\Motion\Trail;
use Kaddle\Core\Motion\TrailShape;
use Kaddle\Core\Motion\Way;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Words\LampWords;

/** What a lamp draws. */
final readonly class TrailDocument
{
    /**
     * @param list<float> $across
     * @param list<float> $up
     * @param list<float> $lights
     */
    private function __construct(
        public TrailShape $shape,
        public string $sentence,
        /** Places at even steps of time, in frame widths to the right of the middle. @var list<float> */
        public array $across,
        /** The same upwards. @var list<float> */
        public array $up,
        /** Light that each step of time adds on its way, as a ratio to mid-grey. @var list<float> */
        public array $lights,
        /** Frame widths of the lamp's image. */
        public float $spot,
        public SmearDocument $length,
        /** Stops against mid-grey in the middle of its way; null where it is endlessly dark. */
        public ?float $level,
        /** Stops against what lies behind. */
        public ?float $against,
        /** Whether a longer time makes it brighter. */
        public bool $growsWithTime,
        /** Whether its core is white. */
        public bool $isWhite,
        /** Linear red of its colour beside the flash, at luminance 1. */
        public float $red,
        public float $green,
        public float $blue,
        /** % of the frame from dash to dash; null where it draws through. */
        public ?float $dashes,
    ) {}

    public static function of(Trail $trail, Kelvin $colour, DragView $view): self
    {
        $moment = $view->solution->moment;
        $ground = $view->subject->behind + $view->subject->behindFlash;
        $lamp = BlackBody::light($colour->mired());
        $white = BlackBody::light($moment->flash->colour->mired());
        $tint = $lamp->over($white);
        $tint = $tint->times(1.0 / $tint->luminance());

        return new self(
            $trail->shape,
            LampWords::trail($trail, $view),
            array_map(static fn(FramePoint $p): float => round($p->x, 5), $trail->way->points),
            array_map(static fn(FramePoint $p): float => round($p->y, 5), $trail->way->points),
            self::lights($trail),
            round($trail->spot, 6),
            SmearDocument::of($trail->length, $moment),
            Rounded::stops($trail->level),
            $ground > 0.0 ? Rounded::stops($trail->level->minus(Stops::ofRatio($ground))) : null,
            $trail->growsWithTime(),
            $trail->isWhite(),
            round($tint->r, 3),
            round($tint->g, 3),
            round($tint->b, 3),
            $trail->dashes === null ? null : round(100.0 * $trail->dashes, 3),
        );
    }

    /**
     * A step in which it goes farther than half its image lays its light out along the way; in a shorter
     * one it all falls on one place.
     *
     * @return list<float> ratio to mid-grey
     */
    private static function lights(Trail $trail): array
    {
        $standing = $trail->standing->ratio() / Way::STEPS;

        return array_map(
            static fn(float $step): float => round($step > $trail->spot / 2.0 ? $standing * $trail->spot / $step : $standing, 7),
            $trail->way->steps(),
        );
    }
}
