<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Moment;
use App\Models\Piece;
use Illuminate\Support\Collection;
use Kaddle\Core\Form\EffortForm;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\InHand;
use Kaddle\Core\Score\Stretches;
use Kaddle\Core\Score\Thing;

/** The bars of a stored night. */
final class NightBars
{
    private function __construct() {}

    /**
     * @param Collection<int, Moment> $moments in time order, with everything that Moment::WHOLE names
     *
     * @return list<Bar>
     */
    public static function of(Collection $moments): array
    {
        return array_values($moments->flatMap(self::bars(...))->all());
    }

    /** @return list<Bar> */
    private static function bars(Moment $moment): array
    {
        $slot = $moment->slot();
        $document = $moment->document();
        $inHand = InHand::of(
            self::thing($moment->body),
            self::thing($moment->lens),
            self::thing($moment->flash),
            $moment->modifier === null ? null : self::thing($moment->modifier),
            $moment->gel === null ? null : self::thing($moment->gel),
        );
        $effort = EffortForm::on($moment->body->figures());
        $stretches = $moment->isGlowFromCurve()
            ? Stretches::of($slot->from, $slot->until(), static fn(float $minute): float => $moment->curveAt($minute)->glow->ev)
            : [[$slot->from, $slot->until(), $moment->glow()]];

        return array_map(static fn(array $s): Bar => Bar::of(
            $moment->uid,
            $moment->name,
            $s[0],
            $s[1],
            MomentReader::fromArray(['glow' => ['ev' => round($s[2], 2)]] + $document),
            $inHand,
            $effort,
        ), $stretches);
    }

    private static function thing(Piece $piece): Thing
    {
        return Thing::of($piece->uid, $piece->name());
    }
}
