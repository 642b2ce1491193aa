<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Intake\Record;
use Kaddle\Core\Night\ChangeKind;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\Finish;

/** What turned out otherwise in a night, in a sentence. */
final class ChangeWords
{
    private function __construct() {}

    /**
     * "From 21:00 the light is 2 stops darker."
     *
     * @param Record $change by ChangeForm::shape()
     * @param array<string, string> $names of rooms and pieces, by identity
     */
    public static function of(Record $change, array $names, Voice $voice): string
    {
        $name = static fn(string $field): string => '“' . ($names[$change->text($field)] ?? '') . '”';
        $what = $change->choice('what', ChangeKind::class);
        $told = match ($what) {
            ChangeKind::Dimmed => sprintf('the light is %s %s', Stops::of(abs($change->number('stops')))->amount(), $change->number('stops') < 0.0 ? 'darker' : 'brighter'),
            ChangeKind::Late => sprintf('all begins %s minutes %s', Number::plain(abs($change->whole('minutes'))), $change->whole('minutes') < 0 ? 'earlier' : 'later'),
            ChangeKind::Moved => "what was in {$name('room')} is in {$name('to')}",
            ChangeKind::Ceiling => "the ceiling of {$name('room')} is {$change->choice('finish', Finish::class)->inWords()}",
            ChangeKind::UnitGone => $change->has('other') ? "{$name('other')} takes the place of {$name('piece')}" : "{$name('piece')} is not there, and nothing instead",
            ChangeKind::LensGone => "{$name('other')} takes the place of {$name('piece')}",
            ChangeKind::NoFlash => 'no flash is allowed',
        };

        return ucfirst(ltrim(self::span($change, $voice) . " $told.", ' '));
    }

    private static function span(Record $change, Voice $voice): string
    {
        $from = $change->has('from') ? $voice->time($change->text('from')) : null;
        $until = $change->has('until') ? $voice->time($change->text('until')) : null;

        return match (true) {
            $from !== null && $until !== null => "from $from to $until",
            $from !== null => "from $from",
            $until !== null => "until $until",
            default => '',
        };
    }
}
