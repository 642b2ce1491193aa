<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Quantity\Number;

/** A piece of a bag in a line, as a list shows it. */
final class PieceFigures
{
    private function __construct() {}

    /** @param array<string, mixed> $piece as read by PieceReader */
    public static function inALine(PieceKind $kind, array $piece): string
    {
        $text = static fn(string $name): string => is_scalar($piece[$name] ?? null) ? (string) $piece[$name] : '';
        $number = static fn(string $name): float => is_numeric($piece[$name] ?? null) ? (float) $piece[$name] : 0.0;

        return match ($kind) {
            PieceKind::Body => sprintf('%s steps, sync %s s, to ISO %s', $text('step'), $text('sync'), $text('usableIso')),
            PieceKind::Lens => self::lens($piece),
            PieceKind::Flash => self::flash($piece, (int) $number('lowestUnderFull')),
            PieceKind::Modifier => (ModifierKind::tryFrom($text('kind'))?->inWords() ?? '') . (isset($piece['dimming']) ? sprintf(', measured %s stops', Number::plain($number('dimming'), 1)) : ''),
            PieceKind::Gel => sprintf('%s mired, %s stops', $number('shift') > 0.0 ? '+' . Number::plain($number('shift')) : Number::plain($number('shift')), Number::plain($number('loss'))),
            PieceKind::Battery => sprintf('%s, %d %s', BatteryKind::tryFrom($text('kind'))?->inWords() ?? '', $number('sets'), $number('sets') === 1.0 ? 'set' : 'sets'),
        };
    }

    /** @param array<string, mixed> $piece */
    private static function lens(array $piece): string
    {
        $openings = PieceReader::openings($piece);
        $focal = $openings->focalLimits();
        $wide = $openings->at($focal->min)->label();
        $narrow = $openings->at($focal->max)->label();

        return sprintf('%s mm, %s', self::span($focal->min, $focal->max), $wide === $narrow ? $wide : "$wide to $narrow");
    }

    /** @param array<string, mixed> $piece */
    private static function flash(array $piece, int $lowest): string
    {
        $zoom = array_map(static fn(mixed $z): mixed => is_array($z) ? $z['guideNumber'] ?? null : null, is_array($piece['zoom'] ?? null) ? array_values($piece['zoom']) : []);
        $guide = array_map(floatval(...), array_filter($zoom, is_numeric(...)));

        return sprintf('guide number %s m, down to 1/%d', $guide === [] ? '' : self::span(min($guide), max($guide)), 2 ** $lowest);
    }

    private static function span(float $from, float $to): string
    {
        return $from === $to ? Number::plain($from) : Number::plain($from) . '–' . Number::plain($to);
    }
}
