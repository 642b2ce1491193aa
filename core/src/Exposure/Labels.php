<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Step;

/**
 * What cameras print beside the exact steps, keyed by thirtieths of a stop.
 *
 * Third-stop and half-stop labels share one table: they meet on whole stops
 * only, and there they agree. The labels are custom, not arithmetic (1/60
 * stands for 1/64 s), so they are never computed with.
 *
 * @phpstan-all-methods-pure
 */
final class Labels
{
    /** Time value Tv, slow to fast. */
    public const SHUTTER = [
        -150 => '30 s', -140 => '25 s', -135 => '20 s', -130 => '20 s', -120 => '15 s', -110 => '13 s',
        -105 => '10 s', -100 => '10 s', -90 => '8 s', -80 => '6 s', -75 => '6 s', -70 => '5 s', -60 => '4 s',
        -50 => '3.2 s', -45 => '3 s', -40 => '2.5 s', -30 => '2 s', -20 => '1.6 s', -15 => '1.5 s', -10 => '1.3 s',
        0 => '1 s', 10 => '0.8 s', 15 => '0.7 s', 20 => '0.6 s', 30 => '0.5 s', 40 => '0.4 s', 45 => '0.35 s',
        50 => '0.3 s', 60 => '1/4', 70 => '1/5', 75 => '1/6', 80 => '1/6', 90 => '1/8', 100 => '1/10', 105 => '1/10',
        110 => '1/13', 120 => '1/15', 130 => '1/20', 135 => '1/20', 140 => '1/25', 150 => '1/30', 160 => '1/40',
        165 => '1/45', 170 => '1/50', 180 => '1/60', 190 => '1/80', 195 => '1/90', 200 => '1/100', 210 => '1/125',
        220 => '1/160', 225 => '1/180', 230 => '1/200', 240 => '1/250', 250 => '1/320', 255 => '1/350',
        260 => '1/400', 270 => '1/500', 280 => '1/640', 285 => '1/750', 290 => '1/800', 300 => '1/1000',
        310 => '1/1250', 315 => '1/1500', 320 => '1/1600', 330 => '1/2000', 340 => '1/2500', 345 => '1/3000',
        350 => '1/3200', 360 => '1/4000', 370 => '1/5000', 375 => '1/6000', 380 => '1/6400', 390 => '1/8000',
    ];

    /** Aperture value Av, wide to narrow. */
    public const APERTURE = [
        0 => 'f/1', 10 => 'f/1.1', 15 => 'f/1.2', 20 => 'f/1.2', 30 => 'f/1.4', 40 => 'f/1.6', 45 => 'f/1.7',
        50 => 'f/1.8', 60 => 'f/2', 70 => 'f/2.2', 75 => 'f/2.4', 80 => 'f/2.5', 90 => 'f/2.8', 100 => 'f/3.2',
        105 => 'f/3.3', 110 => 'f/3.5', 120 => 'f/4', 130 => 'f/4.5', 135 => 'f/4.8', 140 => 'f/5', 150 => 'f/5.6',
        160 => 'f/6.3', 165 => 'f/6.7', 170 => 'f/7.1', 180 => 'f/8', 190 => 'f/9', 195 => 'f/9.5', 200 => 'f/10',
        210 => 'f/11', 220 => 'f/13', 225 => 'f/13', 230 => 'f/14', 240 => 'f/16', 250 => 'f/18', 255 => 'f/19',
        260 => 'f/20', 270 => 'f/22', 280 => 'f/25', 285 => 'f/27', 290 => 'f/29', 300 => 'f/32',
    ];

    /** Stops over ISO 100, low to high. */
    public const ISO = [
        -30 => '50', -20 => '64', -15 => '70', -10 => '80', 0 => '100', 10 => '125', 15 => '140', 20 => '160',
        30 => '200', 40 => '250', 45 => '280', 50 => '320', 60 => '400', 70 => '500', 75 => '560', 80 => '640',
        90 => '800', 100 => '1000', 105 => '1100', 110 => '1250', 120 => '1600', 130 => '2000', 135 => '2200',
        140 => '2500', 150 => '3200', 160 => '4000', 165 => '4500', 170 => '5000', 180 => '6400', 190 => '8000',
        195 => '9000', 200 => '10000', 210 => '12800', 220 => '16000', 225 => '18000', 230 => '20000', 240 => '25600',
        250 => '32000', 255 => '36000', 260 => '40000', 270 => '51200', 280 => '64000', 285 => '72000',
        290 => '80000', 300 => '102400',
    ];

    private function __construct() {}

    /**
     * The exact step behind a customary label; spaces and letter case do not matter.
     *
     * Some labels stand for two steps ("1/10" is 1/10.1 s among thirds and
     * 1/11.3 s among halves), so the step decides; a label that the step does
     * not know is looked for among the others.
     *
     * @param array<int, string> $table
     * @param list<string> $examples
     *
     * @throws UnknownLabel
     */
    public static function read(array $table, Step $step, string $what, string $label, array $examples): ExactStops
    {
        $asPrinted = array_keys($table, $label, true);
        $matches = array_map(
            ExactStops::fromThirtieths(...),
            $asPrinted === [] ? array_keys(array_map(self::bare(...), $table), self::bare($label), true) : $asPrinted,
        );
        foreach ($matches as $match) {
            if ($match->isOn($step)) {
                return $match;
            }
        }

        return $matches[0] ?? throw UnknownLabel::of($what, $label, $examples);
    }

    private static function bare(string $label): string
    {
        return str_replace([' ', 'iso', 'f/'], '', mb_strtolower($label));
    }
}
