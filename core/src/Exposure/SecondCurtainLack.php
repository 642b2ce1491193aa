<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

/**
 * With what a body has no second curtain.
 *
 * @phpstan-all-methods-pure
 */
enum SecondCurtainLack: string
{
    case Wireless = 'wireless';
    case HighSpeed = 'high-speed';
    case LongPreflash = 'long-preflash';
    case Everything = 'everything';

    /** What most bodies lack. */
    public const USUAL = [self::Wireless, self::HighSpeed];

    public function inWords(): string
    {
        return match ($this) {
            self::Wireless => 'a wireless flash',
            self::HighSpeed => 'high-speed sync',
            self::LongPreflash => 'a metering preflash',
            self::Everything => 'anything: it has none',
        };
    }
}
