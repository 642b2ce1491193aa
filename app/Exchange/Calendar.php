<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Data\AnswerData;
use App\Data\TimetableData;
use App\Data\TimetableRow;
use App\Models\Night;
use Sabre\VObject\Component\VCalendar;

/** The timetable of a night as iCalendar (RFC 5545), by the clocks of the venue. */
final class Calendar
{
    private function __construct() {}

    public static function of(Night $night, TimetableData $timetable): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Kaddle//Timetable//EN']);
        self::addZone($calendar, $night);
        foreach ($timetable->rows as $row) {
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "$night->uid-$row->id@kaddle.example",
                'DTSTAMP' => new \DateTimeImmutable('now', new \DateTimeZone('UTC')),
                'DTSTART' => $night->at($row->startsAt),
                // Not an end, which a change of the clocks could make to be another one.
                'DURATION' => "PT{$row->minutes}M",
                'SUMMARY' => $row->name,
                'LOCATION' => "$row->room, {$timetable->night->place}",
                'DESCRIPTION' => self::description($row),
            ]);
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    private static function description(TimetableRow $row): string
    {
        $settings = match (true) {
            $row->answer === null => 'Settings: not reckoned yet.',
            $row->answer->feasible => 'Settings: ' . self::settings($row->answer) . '.',
            default => 'Nearest settings: ' . self::settings($row->answer) . '. ' . $row->answer->shortfall,
        };

        return implode("\n", array_filter([
            sprintf(
                'Room: %s, %s. Subject at %s m.',
                $row->room,
                $row->openAbove ? 'nothing overhead' : "ceiling $row->ceiling m",
                $row->distance,
            ),
            $settings,
            ...$row->rules,
            ...$row->cautions,
            $row->notes,
        ], static fn(string $line): bool => $line !== ''));
    }

    /** "1/40 s, f/4, ISO 1250, head: left wall, output 1/16" */
    private static function settings(AnswerData $answer): string
    {
        return sprintf(
            '%s, %s, %s, head: %s, output %s',
            $answer->shutter,
            $answer->aperture,
            $answer->iso,
            lcfirst($answer->head),
            $answer->output,
        );
    }

    /** The zone with every change of its clocks from a year before the night to a year after. */
    private static function addZone(VCalendar $calendar, Night $night): void
    {
        $zone = $night->venue->timeZone();
        if ($zone->getName() === 'UTC') {
            return;
        }
        $middle = $night->at('12:00');
        $changes = $zone->getTransitions(
            $middle->modify('-1 year')->getTimestamp(),
            $middle->modify('+1 year')->getTimestamp(),
        );
        $component = $calendar->createComponent('VTIMEZONE', ['TZID' => $zone->getName()]);
        $before = $changes[0]['offset'] ?? 0;
        foreach ($changes as $change) {
            $component->add($calendar->createComponent($change['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                'DTSTART' => gmdate('Ymd\THis', $change['ts'] + $before),
                'TZOFFSETFROM' => self::offset($before),
                'TZOFFSETTO' => self::offset($change['offset']),
                'TZNAME' => $change['abbr'],
            ]));
            $before = $change['offset'];
        }
        $calendar->add($component);
    }

    /** "+0200" */
    private static function offset(int $seconds): string
    {
        return sprintf(
            '%s%02d%02d',
            $seconds < 0 ? '-' : '+',
            intdiv(abs($seconds), 3600),
            intdiv(abs($seconds) % 3600, 60),
        );
    }
}
