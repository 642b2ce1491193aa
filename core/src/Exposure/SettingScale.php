<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Step;

/**
 * @internal the clicks of one control
 *
 * @phpstan-all-methods-pure
 */
final class SettingScale
{
    private function __construct() {}

    /**
     * @param array<int, string> $labels
     *
     * @return list<ExactStops>
     */
    public static function onStep(array $labels, Step $step): array
    {
        $click = $step->thirtieths();
        $clicks = [];
        foreach ($labels as $thirtieths => $label) {
            if ($thirtieths % $click === 0) {
                $clicks[] = ExactStops::fromThirtieths($thirtieths);
            }
        }

        return $clicks;
    }

    /**
     * The clicks between two ends, with the ends themselves.
     *
     * @param array<int, string> $labels
     *
     * @return non-empty-list<ExactStops>
     */
    public static function between(array $labels, Step $step, ExactStops $first, ExactStops $last): array
    {
        $inside = array_filter(
            self::onStep($labels, $step),
            static fn(ExactStops $at): bool => $at->thirtieths > $first->thirtieths && $at->thirtieths < $last->thirtieths,
        );

        return $first->thirtieths === $last->thirtieths ? [$first] : [$first, ...array_values($inside), $last];
    }
}
