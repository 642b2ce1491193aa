<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Gear\BodyForm;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * What changes cost, in turns: one turn is a click of a wheel that lies under a finger.
 *
 * A control costs something to be reached and something for each click, so two clicks of one
 * control cost less than one click each of two.
 *
 * @see docs/physics.md, “What a turn costs”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Effort
{
    /** Turns to reach a control, and for each click: judgement, by what eyes and hands must leave for it. */
    private const USUAL = [
        'shutter' => [1.0, 1.0],
        'aperture' => [1.0, 1.0],
        'iso' => [1.0, 1.0],
        // On another device: the other hand, and a look.
        'output' => [2.0, 1.0],
        'head' => [4.0, 0.0],
        'flash' => [3.0, 0.0],
        // In a menu.
        'curtain' => [3.0, 0.0],
        'balance' => [3.0, 0.0],
        'modifier' => [8.0, 0.0],
        'gel' => [10.0, 0.0],
        'lens' => [20.0, 0.0],
        'unit' => [15.0, 0.0],
        'body' => [10.0, 0.0],
    ];

    /** @param array<string, array{float, float}> $turns to reach and for a click, by control */
    private function __construct(
        private array $turns,
    ) {}

    public static function usual(): self
    {
        return new self(self::USUAL);
    }

    /**
     * The same with a control that lies better or worse.
     *
     * @param float $reach turns to reach it, 0 to 100
     * @param float $click turns for each of its clicks, 0 to 100; nothing for what has no clicks
     *
     * @throws OutOfRange
     */
    public function with(Control $control, float $reach, float $click): self
    {
        return new self([$control->value => [
            self::range()->checked("effort to reach the {$control->inWords()}", $reach),
            $control->clicks() ? self::range()->checked("effort of a click of the {$control->inWords()}", $click) : 0.0,
        ]] + $this->turns);
    }

    public static function range(): Range
    {
        return BodyForm::reachRange();
    }

    /** Turns to reach a control. */
    public function reach(Control $control): float
    {
        return $this->turns[$control->value][0];
    }

    /** Turns for one click of it. */
    public function click(Control $control): float
    {
        return $this->turns[$control->value][1];
    }

    /** Turns for a change by so many clicks; by one place where it has none. @param int $clicks 0 for no change */
    public function of(Control $control, int $clicks): float
    {
        return $clicks === 0 ? 0.0 : $this->reach($control) + abs($clicks) * $this->click($control);
    }
}
