<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Solve\FaceBalance;
use Kaddle\Core\Solve\Solution;

/**
 * A bar with the settings at which it stands.
 */
final readonly class ScoredBar
{
    /**
     * @internal made by Score and NextTurns only
     *
     * @param Solution $solution at the settings of the score
     * @param Solution $alone the bar's own best answer
     * @param list<Change> $changes on the way here from the bar before; none into the first
     * @param Curtain|null $curtain that the body is set to; null where there is none to choose
     */
    public function __construct(
        public Bar $bar,
        public Solution $solution,
        public Solution $alone,
        public array $changes,
        public ?Curtain $curtain,
    ) {}

    public function stand(): Stand
    {
        return Stand::ofCandidate($this->solution->best);
    }

    /** Whether everything stays where somebody left it. */
    public function isHeld(): bool
    {
        return $this->bar->held !== null && $this->stand()->equals($this->bar->held);
    }

    /**
     * Stops between its ISO and the highest that is usable, 0 or more.
     *
     * @phpstan-pure
     */
    public function isoLeft(): float
    {
        $iso = $this->solution->best->choice->settings->iso->sv->thirtieths;

        return max(0, $this->bar->light->body->usableIso->sv->thirtieths - $iso) / 30.0;
    }

    /**
     * Stops between its output and full power, 0 or more; null for a flash that is off.
     *
     * @phpstan-pure
     */
    public function outputLeft(): ?float
    {
        $output = $this->solution->best->output->stops;

        return $output === null ? null : -$output->value();
    }

    /** Stops by which room or face lies farther from its wish than in the bar's own best answer, whichever more; 0 or more. */
    public function worseBy(): float
    {
        [$room, $face] = self::misses($this->solution);
        [$roomAlone, $faceAlone] = self::misses($this->alone);

        return max(0.0, abs($room) - abs($roomAlone), abs($face) - abs($faceAlone));
    }

    /**
     * @phpstan-pure
     *
     * @return array{float, float} stops by which room and face are brighter than wished, below 0 darker
     */
    public static function misses(Solution $solution): array
    {
        $moment = $solution->moment;
        $face = $moment->look->withoutFlash ? $moment->wishedOnFace() : FaceBalance::wished($moment->wishedOnFace(), $moment->look->fill);

        return [
            $solution->levels->held($moment->look->hold)->minus($moment->roomLevel)->value,
            $solution->levels->face->minus($face)->value,
        ];
    }

    /**
     * Turns to get here.
     *
     * @phpstan-pure
     */
    public function turns(): float
    {
        return array_sum(array_map(static fn(Change $c): float => $c->turns, $this->changes));
    }
}
