<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

use Kaddle\Core\Motion\GhostVerdict;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\FaceBalance;

/**
 * A way to a clean figure, with what it takes.
 *
 * @see docs/physics.md, “Ghost”
 */
final readonly class Cure
{
    /** Stops beyond which nobody goes to be rid of a ghost, and of a soft edge. */
    private const MOST = 6.0;
    private const MOST_FOR_AN_EDGE = 2.0;

    private function __construct(
        public CureKind $kind,
        /** Stops by which it must go. */
        public Stops $by,
        /** Clicks of the control, or thirds of a stop in the room. */
        public int $clicks,
        /** Stops of output that it takes more. */
        public Stops $moreOutput,
    ) {}

    /** @return list<self> fewest clicks first; empty where the figure is clean already, or nothing helps */
    public static function allFor(DragView $view): array
    {
        if ($view->ghost->verdict === GhostVerdict::Clean) {
            return [];
        }
        $cures = array_values(array_filter(array_map(
            static fn(CureKind $kind): ?self => self::of($kind, $view),
            CureKind::cases(),
        )));
        usort($cures, static fn(self $a, self $b): int => $a->clicks <=> $b->clicks);

        return $cures;
    }

    private static function of(CureKind $kind, DragView $view): ?self
    {
        $step = $view->solution->moment->body->step->thirtieths() / 30.0;
        $most = $view->ghost->verdict === GhostVerdict::SoftEdge ? self::MOST_FOR_AN_EDGE : self::MOST;
        $room = min($most, self::roomFor($kind, $view));
        for ($clicks = 1; $clicks * $step <= $room + 1e-9; ++$clicks) {
            $by = $clicks * $step;
            $cured = self::cured($kind, $by, $view);
            $more = self::moreOutput($kind, $by, $view->subject, $cured);
            if ($view->solution->best->output->value() + $more->value > 1e-9) {
                return null;
            }
            // A camera that is turned goes as far in a shorter time.
            $shortened = $kind === CureKind::Shorter && !$view->exposing->move->moves() ? 2.0 ** -$by : 1.0;
            if ($cured->ghost($view->width, $view->ghost->smear * $shortened)->verdict === GhostVerdict::Clean) {
                return new self($kind, Stops::of($by), $clicks, $more);
            }
        }

        return null;
    }

    /** Stops that the control, or the room, has left. */
    private static function roomFor(CureKind $kind, DragView $view): float
    {
        $moment = $view->solution->moment;
        $settings = $view->exposing->time->settings;

        return match ($kind) {
            CureKind::Output => $moment->lens->narrowest->av->value() - $settings->aperture->av->value(),
            CureKind::LessRoom => $settings->iso->sv->value() - $moment->body->baseIso->sv->value(),
            CureKind::Shorter => $moment->fastestShutter()->tv->value() + log($view->exposing->time->seconds, 2),
            CureKind::DarkerPlace, CureKind::DarkerGround => self::MOST,
        };
    }

    private static function cured(CureKind $kind, float $by, DragView $view): Subject
    {
        $now = $view->subject;
        $less = 2.0 ** -$by;
        $room = $kind === CureKind::DarkerGround ? $now->room : $now->room * $less;
        $fill = $view->solution->moment->look->fill;
        $flash = FaceBalance::flashBeside(Stops::ofRatio($room), $fill)->ratio();

        return $now->with(
            $room,
            $flash,
            $kind === CureKind::DarkerPlace ? $now->behind : $now->behind * $less,
            $now->flash > 0.0 ? $now->behindFlash * $flash / $now->flash : $now->behindFlash,
        );
    }

    private static function moreOutput(CureKind $kind, float $by, Subject $now, Subject $cured): Stops
    {
        $lost = $kind === CureKind::Output || $kind === CureKind::LessRoom ? $by : 0.0;

        return $now->flash > 0.0 ? Stops::of($lost + log($cured->flash / $now->flash, 2)) : Stops::of(0.0);
    }
}
