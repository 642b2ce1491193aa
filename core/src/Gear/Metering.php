<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

/**
 * How clever a body meters flash: how much of a wrong tone it sees through.
 *
 * @phpstan-all-methods-pure
 */
enum Metering: string
{
    case Plain = 'plain';
    case Weighted = 'weighted';
    case Scene = 'scene';

    public function inWords(): string
    {
        return match ($this) {
            self::Plain => 'averages the frame',
            self::Weighted => 'weighs the middle',
            self::Scene => 'compares with the scene before',
        };
    }

    /** Share of an error by tone that is left: a judgement, to be set right by one's own frames. */
    public function gullibility(): float
    {
        return match ($this) {
            self::Plain => 1.0,
            self::Weighted => 0.8,
            self::Scene => 0.5,
        };
    }

    /** How much more the people in the middle count than what is around them. */
    public function weightOfTheMiddle(): float
    {
        return $this === self::Plain ? 1.0 : 2.0;
    }
}
