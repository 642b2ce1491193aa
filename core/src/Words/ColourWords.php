<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Advice\ColourPlan;
use Kaddle\Core\Advice\ColourView;
use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\Number;

/** Colours, gels and white balances in words. */
final class ColourWords
{
    /** Mired that nobody sees in a picture of people, and that somebody sees at once. */
    private const UNSEEN = 10.0;
    private const PLAIN = 40.0;

    private function __construct() {}

    /** "neutral", "a little warm, +25 mired", "cool, −80 mired" */
    public static function looks(Mired $shift): string
    {
        $mired = $shift->mired;

        return abs($mired) < self::UNSEEN ? 'neutral' : sprintf(
            '%s%s, %s%s mired',
            abs($mired) < self::PLAIN ? 'a little ' : '',
            $mired > 0.0 ? 'warm' : 'cool',
            $mired > 0.0 ? '+' : '−',
            Number::plain(abs($mired), 0),
        );
    }

    /** "2700 K, 370 mired" */
    public static function light(Mired $light): string
    {
        return sprintf('%s K, %s mired', Number::plain(round(1e6 / max(1.0, $light->mired), -1), 0), Number::plain($light->mired, 0));
    }

    /** "no gel", "full orange", "a gel of +120 mired" */
    public static function gel(?Gel $gel): string
    {
        if ($gel === null) {
            return 'no gel';
        }
        foreach (GelKind::cases() as $kind) {
            if (abs($kind->gel()->shift->mired - $gel->shift->mired) < 1.0) {
                return $kind->inWords();
            }
        }

        return sprintf('a gel of %s%s mired', $gel->shift->mired < 0.0 ? '−' : '+', Number::plain(abs($gel->shift->mired), 0));
    }

    /** "full orange, body at 3200 K: face neutral, behind a little warm, +30 mired. Costs 0.7 stops, output 2 clicks up." */
    public static function plan(ColourPlan $plan, ColourView $view): string
    {
        $cost = $view->costOf($plan->gel);
        $clicks = $view->clicksOf($plan->gel);

        return sprintf(
            '%s, body at %s K: the face looks %s%s.%s%s',
            ucfirst(self::gel($plan->gel)),
            self::kelvin($plan->balance),
            self::looks($plan->face),
            $plan->behind === null ? '' : ', what the room lights ' . self::looks($plan->behind),
            abs($cost->value) < 0.05 ? '' : sprintf(
                ' The gel %s %s%s.',
                $cost->value > 0.0 ? 'costs' : 'gives back',
                $cost->amount(),
                $clicks === 0 ? '' : sprintf(', output %d %s %s', abs($clicks), abs($clicks) === 1 ? 'click' : 'clicks', $clicks > 0 ? 'up' : 'down'),
            ),
            abs($plan->left->mired) < self::PLAIN / 2.0 ? '' : sprintf(
                ' No gel in the bag comes nearer: %s mired too %s stay.',
                Number::plain(abs($plan->left->mired), 0),
                $plan->left->mired > 0.0 ? 'warm' : 'cool',
            ),
        );
    }

    private static function kelvin(Kelvin $kelvin): string
    {
        return Number::plain($kelvin->kelvin, 0);
    }
}
