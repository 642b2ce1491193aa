<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Advice\ChangeCost;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Situation\Moment;

/**
 * What a change costs, in words.
 *
 * @phpstan-all-methods-pure
 */
final class CostWords
{
    private function __construct() {}

    /** What it changes to. */
    public static function of(ChangeCost $cost, Voice $voice): string
    {
        return match (true) {
            $cost->to instanceof Length => $voice->length($cost->to),
            $cost->to instanceof Finish => $cost->to->inWords(),
            default => Number::plain($cost->to->focalLength) . ' mm',
        };
    }

    /**
     * What twice the distance costs, direct and this way; '' where the room is too short for it.
     *
     * @param list<ChangeCost> $distances
     * @param list<ChangeCost> $direct
     */
    public static function ofTwiceTheDistance(
        Moment $moment,
        HeadAim $aim,
        array $distances,
        array $direct,
        Voice $voice,
    ): string {
        $now = Length::ofMetres($moment->scene->distance);
        $double = Length::ofMetres(2.0 * $moment->scene->distance);
        $bounced = self::at($distances, $double);
        $straight = self::at($direct, $double);
        if ($bounced === null || $straight === null) {
            return '';
        }

        return sprintf(
            'From %s direct light falls by %s%s.',
            $voice->span($now, $double, 2),
            $straight->gain->amount(),
            $aim->isBounced()
                ? sprintf(
                    '; what comes with the head %2$s in this room, by %1$s',
                    $bounced->gain->amount(),
                    $aim->inSentence(),
                )
                : '',
        );
    }

    /** @param list<ChangeCost> $costs */
    private static function at(array $costs, Length $distance): ?ChangeCost
    {
        foreach ($costs as $cost) {
            if (abs($cost->value() - $distance->metres) < 0.01) {
                return $cost;
            }
        }

        return null;
    }
}
