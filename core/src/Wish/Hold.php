<?php

declare(strict_types=1);

namespace Kaddle\Core\Wish;

/**
 * Which of two lights the settings hold at the level that is wished, where face and background differ.
 *
 * @see docs/physics.md, “Face and background”
 *
 * @phpstan-all-methods-pure
 */
enum Hold: string
{
    /** What is behind reads as wished; the flash opens the face. */
    case Background = 'background';
    /** The room's light on the face reads as wished; what is behind goes where it goes. */
    case Face = 'face';

    public function inWords(): string
    {
        return match ($this) {
            self::Background => 'Hold the background, open the face',
            self::Face => 'Hold the face, let the background go',
        };
    }

    public function other(): self
    {
        return $this === self::Background ? self::Face : self::Background;
    }
}
