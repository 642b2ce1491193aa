<?php

declare(strict_types=1);

namespace Kaddle\Core\Situation;

/** Where in a group a face is. */
enum GroupPlace: string
{
    case FrontMiddle = 'front-middle';
    case FrontEnd = 'front-end';
    case BackMiddle = 'back-middle';
    case BackEnd = 'back-end';

    public function inWords(): string
    {
        return match ($this) {
            self::FrontMiddle => 'front row, middle',
            self::FrontEnd => 'front row, ends',
            self::BackMiddle => 'last row, middle',
            self::BackEnd => 'last row, ends',
        };
    }
}
