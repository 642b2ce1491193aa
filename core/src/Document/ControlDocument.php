<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\Mark;
use Kaddle\Core\Advice\Marks;
use Kaddle\Core\Advice\Role;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\ExposureChooser;
use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\Voice;

/**
 * One control: where to turn it, what decided that, and the clicks around it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ControlDocument
{
    /** Clicks shown on either side of the chosen one. */
    private const AROUND = 6;

    /**
     * @param list<TickDocument> $ticks
     * @param list<MarkDocument> $marks
     */
    private function __construct(
        /** As the gear shows it. */
        public string $label,
        /** The exact step: thirtieths of a stop on the control's own scale; 0 for a flash that is off. */
        public int $thirtieths,
        /** What decided it. */
        public Limit $bound,
        /** The same in words. */
        public string $boundInWords,
        /** The clicks around it, in the order in which the control turns; none for a flash that is off. @var list<TickDocument> */
        public array $ticks,
        /** The limits on its scale. @var list<MarkDocument> */
        public array $marks,
        /** Stops by which the room moves for each stop of it, 0 to 1. */
        public float $movesRoom,
        /** The same of the face. */
        public float $movesPerson,
    ) {}

    public static function shutter(Solution $solution, Voice $voice): self
    {
        [$moment, $choice] = [$solution->moment, $solution->best->choice];
        $sync = $moment->body->sync;
        $held = $moment->body->steadinessAt($moment->lens->focalLength)->timeValue();

        return self::on(
            array_map(static fn(Shutter $s): TickDocument => new TickDocument($s->label(), $s->tv->thirtieths, match (true) {
                $s->tv->thirtieths > $sync->tv->thirtieths && !$moment->look->withoutFlash => $moment->look->aids->pulses()
                    ? 'pulsing'
                    : 'dark bar',
                $s->tv->value() < $held => 'shake',
                default => null,
            }), Shutter::scale($moment->body->step)),
            $choice->settings->shutter->tv,
            $choice->shutterBound,
            Role::ofShutter($choice->settings, $solution->levels),
            self::marks(Marks::of($solution)->shutter(), $moment, $voice),
        );
    }

    public static function aperture(Solution $solution, Voice $voice): self
    {
        [$moment, $choice] = [$solution->moment, $solution->best->choice];
        $scale = Aperture::scale($moment->body->step, $moment->lens->widest, $moment->lens->narrowest);

        return self::on(
            array_map(
                static fn(Aperture $a): TickDocument => new TickDocument($a->label(), $a->av->thirtieths, null),
                $scale,
            ),
            $choice->settings->aperture->av,
            $choice->apertureBound,
            Role::ofBoth(),
            self::marks(Marks::of($solution)->aperture(), $moment, $voice),
        );
    }

    public static function iso(Solution $solution, Voice $voice): self
    {
        [$moment, $choice] = [$solution->moment, $solution->best->choice];
        $scale = Iso::scale($moment->body->step, $moment->body->baseIso, Iso::highest($moment->body->step));
        $usable = $moment->body->usableIso->sv->thirtieths;

        return self::on(
            array_map(static fn(Iso $i): TickDocument => new TickDocument(
                $i->label(),
                $i->sv->thirtieths,
                $i->sv->thirtieths > $usable ? 'too noisy' : null,
            ), $scale),
            $choice->settings->iso->sv,
            $choice->isoBound,
            Role::ofBoth(),
            self::marks(Marks::of($solution)->iso(), $moment, $voice),
        );
    }

    public static function output(Solution $solution, Voice $voice): self
    {
        $output = $solution->best->output;
        if ($output->stops === null) {
            return new self($output->label(), 0, Limit::NoFlash, Limit::NoFlash->inWords(), [], [], 0.0, 0.0);
        }

        return self::on(
            array_map(static fn(Output $o): TickDocument => new TickDocument(
                $o->label(),
                $o->stops->thirtieths ?? 0,
                $o->value() > ExposureChooser::EASY_OUTPUT ? 'slow recycle' : null,
            ), $solution->moment->flash->scale()),
            $output->stops,
            $solution->outputBound(),
            Role::ofOutput($solution->levels),
            self::marks(Marks::of($solution)->output(), $solution->moment, $voice),
        );
    }

    /**
     * @param list<TickDocument> $scale
     * @param list<MarkDocument> $marks
     */
    private static function on(array $scale, ExactStops $chosen, Limit $bound, Role $role, array $marks): self
    {
        $at = 0;
        foreach ($scale as $i => $tick) {
            if ($tick->thirtieths === $chosen->thirtieths) {
                $at = $i;
            }
        }
        $first = max(0, $at - self::AROUND);
        $around = array_slice($scale, $first, $at + self::AROUND + 1 - $first);

        return new self(
            $scale[$at]->label,
            $chosen->thirtieths,
            $bound,
            $bound->inWords(),
            $around,
            $marks,
            round($role->room, 3),
            round($role->person, 3),
        );
    }

    /**
     * @param list<Mark> $marks
     *
     * @return list<MarkDocument>
     */
    private static function marks(array $marks, Moment $moment, Voice $voice): array
    {
        return array_map(static fn(Mark $mark): MarkDocument => MarkDocument::of($mark, $moment, $voice), $marks);
    }
}
