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
}
