<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Gear\BatteryKind;
use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Quantity\Number;

/** A piece of a bag in a line, as a list shows it. */
final class PieceWords
{
    private function __construct() {}

    public static function inALine(PieceKind $kind, Record $piece, Voice $voice): string
    {
        return match ($kind) {
            PieceKind::Body => sprintf(
                '%s steps, sync %s s, to ISO %s',
                $piece->text('step'),
                $piece->text('sync'),
                $piece->text('usableIso'),
            ),
            PieceKind::Lens => self::lens($piece),
            PieceKind::Flash => self::unit($piece, $voice),
            PieceKind::Modifier => self::modifier($piece),
            PieceKind::Gel => sprintf(
                '%s%s mired, %s stops',
                $piece->number('shift') > 0.0 ? '+' : '',
                Number::plain($piece->number('shift')),
                Number::plain($piece->number('loss')),
            ),
            PieceKind::Battery => sprintf(
                '%s, %s',
                $piece->choice('kind', BatteryKind::class)->inWords(),
                $piece->choice('kind', BatteryKind::class)->counted($piece->whole('cells')),
            ),
        };
    }

    private static function lens(Record $piece): string
    {
        $openings = LensForm::openings($piece);
        $focal = $openings->focalRange();
        $wide = $openings->at($focal->min)->label();
        $narrow = $openings->at($focal->max)->label();

        return sprintf(
            '%s mm, %s',
            self::span($focal->min, $focal->max),
            $wide === $narrow ? $wide : "$wide to $narrow",
        );
    }

    private static function unit(Record $piece, Voice $voice): string
    {
        $guide = array_map(static fn(Record $step): float => $step->number('guideNumber'), $piece->records('zoom'));

        return sprintf(
            '%s, down to 1/%d',
            $voice->guideNumbers(min([...$guide, INF]), max([...$guide, 0.0])),
            2 ** $piece->whole('lowestUnderFull'),
        );
    }

    private static function modifier(Record $piece): string
    {
        return $piece->choice('kind', ModifierKind::class)->inWords()
            . ($piece->has('dimming') ? sprintf(', measured %s stops', Number::plain($piece->number('dimming'), 1)) : '');
    }

    private static function span(float $from, float $to): string
    {
        return $from === $to ? Number::plain($from) : Number::plain($from) . '–' . Number::plain($to);
    }
}
