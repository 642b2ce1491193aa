<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Clothing;
use Kaddle\Core\People\Movement;
use Kaddle\Core\People\People;
use Kaddle\Core\Reading\Fields;

/** @internal who is in the picture; what nobody says is taken as one row of guests who talk */
final class PeopleReader
{
    private function __construct() {}

    public static function people(Fields $document): ?People
    {
        if (!$document->has('people')) {
            return People::of(Movement::Talk, 0.0, Clothing::Mixed, Behind::Guests);
        }
        $fields = $document->object('people');
        $fields->allowOnly('movement', 'depth', 'clothing', 'behind');
        $movement = $fields->has('movement') ? $fields->oneOf('movement', 'movement', Movement::class) : Movement::Talk;
        $depth = $fields->has('depth') ? $fields->number('depth', 'depth of the group', People::depthLimits()) : 0.0;
        $clothing = $fields->has('clothing') ? $fields->oneOf('clothing', 'clothes', Clothing::class) : Clothing::Mixed;
        $behind = $fields->has('behind') ? $fields->oneOf('behind', 'what is behind them', Behind::class) : Behind::Guests;

        return $movement === null || $depth === null || $clothing === null || $behind === null ? null : People::of($movement, $depth, $clothing, $behind);
    }
}
