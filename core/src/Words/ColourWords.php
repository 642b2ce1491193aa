<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Advice\ColourPlan;
use Kaddle\Core\Advice\ColourView;
use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Flash\Outfit;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;

/** Colours, gels and white balances in words. */
final class ColourWords
{
    /** Mired that nobody sees in a picture of people, and that somebody sees at once. */
    private const UNSEEN = 10.0;
    private const PLAIN = 40.0;

    /** Duv that is plain to see. */
    private const TINTED = 0.006;

    private function __construct() {}

    /** "neutral", "a little warm, +25 mired", "cool, −80 mired, greenish": a light against white. */
    public static function looks(LightColour $light): string
    {
        $mired = $light->warmth->mired;
        $warmth = abs($mired) < self::UNSEEN ? null : sprintf(
            '%s%s, %s mired',
            abs($mired) < self::PLAIN ? 'a little ' : '',
            $mired > 0.0 ? 'warm' : 'cool',
            self::signed($mired),
        );
        $tint = match (true) {
            $light->duv > self::TINTED => 'greenish',
            $light->duv < -self::TINTED => 'pinkish',
            default => null,
        };

        return $warmth === null && $tint === null ? 'neutral' : implode(', ', array_filter([$warmth, $tint], is_string(...)));
    }

    /** "2700 K, 370 mired" */
    public static function light(LightColour $light): string
    {
        $mired = $light->warmth->mired;

        return sprintf('%s K, %s mired', Number::plain(round(1e6 / max(1.0, $mired), -1), 0), Number::plain($mired, 0));
    }

    /** "3200 K", "3200 K, tint +4": as a body is set. */
    public static function balance(LightColour $balance): string
    {
        $tint = round(1000.0 * $balance->duv);

        return Number::plain($balance->kelvin()->kelvin, 0) . ' K' . ($tint === 0.0 ? '' : ', tint ' . self::signed($tint));
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

        return sprintf('a gel of %s mired', self::signed($gel->shift->mired));
    }

    /** "full orange", "full orange beside no gel": on one unit or on all. */
    private static function gels(Outfit $outfit): string
    {
        return self::gel($outfit->gel) . ($outfit->isMixed() ? ' beside ' . self::gel($outfit->otherGel) : '');
    }

    /** "full orange, body at 3200 K: face neutral, behind a little warm, +30 mired. Costs 0.7 stops, output 2 clicks up." */
    public static function plan(ColourPlan $plan, ColourView $view): string
    {
        $keeps = $plan->wish->behindOverFace() === null;
        $cost = $keeps ? Stops::of(0.0) : $view->costOf($plan->gel);
        $clicks = $keeps ? 0 : $view->clicksOf($plan->gel);

        return sprintf(
            '%s, body at %s: the face looks %s%s.%s%s',
            ucfirst($keeps ? self::gels($view->outfit()) : self::gel($plan->gel)),
            self::balance($plan->balance),
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

    /** "+25", "−80" */
    private static function signed(float $number): string
    {
        return ($number < 0.0 ? '−' : '+') . Number::plain(abs($number), 0);
    }
}
