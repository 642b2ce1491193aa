<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * Numbers as people read them. Display only: nothing computes with the result.
 *
 * @phpstan-all-methods-pure
 */
final class Number
{
    private function __construct() {}

    /** At most $decimals places, without trailing zeros, with a real minus sign. */
    public static function plain(float $value, int $decimals = 3): string
    {
        if (!is_finite($value)) {
            return is_nan($value) ? 'not a number' : 'endless';
        }
        $text = number_format($value, $decimals, '.', '');
        $text = str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;

        return $text === '-0' ? '0' : str_replace('-', '−', $text);
    }

    /** Three significant digits, for quantities that span decades. */
    public static function significant(float $value): string
    {
        if ($value === 0.0 || !is_finite($value)) {
            return self::plain($value);
        }

        return self::plain($value, max(0, 2 - (int) floor(log10(abs($value)))));
    }

    /** What a click makes of a stop, as gear shows it: "⅓", "½", "0.7". */
    public static function partOfAStop(int $thirtieths): string
    {
        return match ($thirtieths) {
            10 => '⅓',
            15 => '½',
            20 => '⅔',
            default => sprintf('0.%d', intdiv($thirtieths, 3)),
        };
    }
}
