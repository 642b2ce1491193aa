<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Advice\Mark;
use Kaddle\Core\Advice\MarkKind;
use Kaddle\Core\Advice\PopHold;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Situation\Moment;

/**
 * What a limit on a control's scale means, in a sentence.
 *
 * @phpstan-all-methods-pure
 */
final class MarkWords
{
    /** So many of the fastest shutters under which lamps look alike are named. */
    private const NAMED = 4;

    /** Share of room light from which it is all of it. */
    private const ALL = 0.995;

    private function __construct() {}

    public static function of(Mark $mark, Moment $moment, Voice $voice): string
    {
        $lens = $moment->lens;

        return match ($mark->kind) {
            MarkKind::Sync => $moment->look->aids->pulses()
                ? "Up to {$moment->body->sync->label()} a single pop; faster, the flash pulses and loses two stops and more."
                : "The whole frame is lit up to {$moment->body->sync->label()}.",
            MarkKind::Hold => self::hold($mark, $moment),
            MarkKind::Blur => self::blur($mark, $moment),
            MarkKind::Even => sprintf(
                'Lamps on %s look alike in every frame at %s.',
                $moment->mains->inWords(),
                self::fastest($mark->at),
            ),
            MarkKind::Depth => self::depth($mark, $moment, $voice),
            MarkKind::Best => "The lens draws best from {$lens->bestFrom->label()} to {$lens->bestTo->label()}.",
            MarkKind::Usable => "You deliver up to ISO {$moment->body->usableIso->label()}.",
            MarkKind::Easy => 'Up to 1/4 the unit recycles fast and stays cool.',
        };
    }

    private static function hold(Mark $mark, Moment $moment): string
    {
        $body = $moment->body;
        $stabiliser = $body->stabiliser > 0.0
            ? sprintf(', stabiliser %s stops', Number::plain($body->stabiliser, 1))
            : '';

        $rule = sprintf('(k %s%s)', Number::plain($body->strictness, 1), $stabiliser);
        $from = self::shutter((int) $mark->from);

        return $mark->roomShare > self::ALL
            ? "Hands hold $from $rule."
            : sprintf('%s of the face is room light: hands hold it from %s %s; what only the room lights shakes sooner.', self::percent($mark->roomShare), $from, $rule);
    }

    private static function blur(Mark $mark, Moment $moment): string
    {
        $people = "people who {$moment->people->movement->inWords()}";
        if (!$mark->isReached) {
            return sprintf('By room light alone no shutter holds %s here; %s.', $people, self::pop($mark));
        }
        if ($mark->roomShare <= self::ALL) {
            return sprintf(
                '%s of the face is room light: %s smear %s mm by it at %s, and no longer show it from there on; %s.',
                self::percent($mark->roomShare),
                $people,
                Number::plain(1000.0 * $mark->smear * $moment->optics->frameWidth(), 2),
                self::shutter((int) $mark->from),
                self::pop($mark),
            );
        }
        $share = Number::plain(100.0 * $mark->smear, 2);

        return sprintf(
            'By room light alone %s are sharp from %s (%s %% of the frame); %s.',
            $people,
            self::shutter((int) $mark->from),
            $share,
            self::pop($mark),
        );
    }

    private static function percent(float $share): string
    {
        return Number::plain(100.0 * $share, 0) . ' %';
    }

    private static function pop(Mark $mark): string
    {
        return match ($mark->pop ?? PopHold::Everything) {
            PopHold::Everything => 'the pop holds them at any',
            PopHold::Bodies => 'the pop holds bodies at any, hands and skirts only at less output',
            PopHold::Nothing => 'the pop is too long at this output to hold them',
            PopHold::Pulsed => 'a flash that pulses holds nobody, it lasts as long as the shutter',
            PopHold::NoFlash => 'there is no pop to hold them',
        };
    }

    private static function depth(Mark $mark, Moment $moment, Voice $voice): string
    {
        $group = sprintf('A group %s deep', $voice->length(Length::ofMetres($moment->people->depth)));

        return $mark->focus === null
            ? "$group is not sharp at any aperture of this lens; step back."
            : sprintf(
                '%s is sharp from %s, focused at %s.',
                $group,
                Aperture::of(ExactStops::fromThirtieths((int) $mark->from))->label(),
                $voice->length($mark->focus, 2),
            );
    }

    /** @param list<int> $at slow to fast */
    private static function fastest(array $at): string
    {
        return implode(', ', array_map(self::shutter(...), array_slice(array_reverse($at), 0, self::NAMED)));
    }

    private static function shutter(int $thirtieths): string
    {
        return Shutter::of(ExactStops::fromThirtieths($thirtieths))->label();
    }
}
