<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Data\TimetableData;
use App\Data\TimetableRow;
use App\Models\Moment;
use App\Models\Night;
use App\Planning\NightEnergy;
use Illuminate\Support\Collection;
use Kaddle\Core\Document\ChangeDocument;
use Kaddle\Core\Document\ScoreBarDocument;
use Kaddle\Core\Document\ShortfallDocument;
use Kaddle\Core\Power\EnergyStep;
use Kaddle\Core\Score\Control;
use Sabre\VObject\Component\VCalendar;

/**
 * A night as iCalendar (RFC 5545), by the clocks of the venue, with the settings of its score.
 *
 * Whoever takes it in once more, from this machine or another, gets the same events changed.
 */
final class Calendar
{
    /** When an alarm comes, before the moment. */
    private const AHEAD = '-PT10M';

    /** 2020, s since 1970. */
    private const SINCE = 1_577_836_800;

    private function __construct() {}

    /**
     * @param Collection<int, Moment> $moments of the night
     * @param TimetableData $timetable with the settings of the score
     * @param bool $reminds whether an alarm comes before a lens or a set of batteries is to be changed
     */
    public static function of(Night $night, Collection $moments, TimetableData $timetable, NightEnergy $energy, bool $reminds): string
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Kaddle//Night//EN',
            'NAME' => $night->name,
            'X-WR-CALNAME' => $night->name,
        ]);
        self::addZone($calendar, $night);
        $sequence = self::sequence($night, $moments);
        foreach ($timetable->rows as $row) {
            $moment = $moments->firstOrFail('id', $row->id);
            $bars = $row->bars ?? [];
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "$moment->uid@kaddle.example",
                'SEQUENCE' => $sequence,
                'DTSTAMP' => new \DateTimeImmutable('now', new \DateTimeZone('UTC')),
                'DTSTART' => $night->at($row->startsAt),
                // Not an end, which a change of the clocks could make to be another one.
                'DURATION' => "PT{$row->minutes}M",
                'SUMMARY' => "$row->name, $night->name",
                'LOCATION' => "$row->room, {$timetable->night->place}",
                'DESCRIPTION' => self::description($row, $bars),
            ]);
            foreach ($reminds ? self::reminders($bars, $energy->during($moment)) : [] as $reminder) {
                $event->add($calendar->createComponent('VALARM', [
                    'ACTION' => 'DISPLAY',
                    'TRIGGER' => self::AHEAD,
                    'DESCRIPTION' => $reminder,
                ]));
            }
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    /**
     * Counts up whenever anything that settings come from is changed: minutes since 2020.
     *
     * @param Collection<int, Moment> $moments
     */
    private static function sequence(Night $night, Collection $moments): int
    {
        $changed = $night->updated_at;
        foreach ($moments as $moment) {
            foreach ([$moment, $moment->room, ...$moment->gear(), $night->venue] as $record) {
                $changed = max($changed, $record->updated_at);
            }
        }

        return max(0, intdiv(($changed?->getTimestamp() ?? 0) - self::SINCE, 60));
    }

    /**
     * @param list<ScoreBarDocument> $bars of the moment
     *
     * @return list<string> what to change before it
     */
    private static function reminders(array $bars, EnergyStep $energy): array
    {
        $lenses = array_filter($bars[0]->changes ?? [], static fn(ChangeDocument $c): bool => $c->control === Control::Lens);

        return [
            ...array_values(array_map(static fn(ChangeDocument $c): string => ucfirst($c->label), $lenses)),
            ...($energy->changes > 0 ? ['The batteries run out in this moment: a fresh set'] : []),
        ];
    }

    /** @param list<ScoreBarDocument> $bars of the moment */
    private static function description(TimetableRow $row, array $bars): string
    {
        return implode("\n", array_filter([
            sprintf(
                'Room: %s, %s. Subject at %s m.',
                $row->room,
                $row->openAbove ? 'nothing overhead' : "ceiling $row->ceiling m",
                $row->distance,
            ),
            ...array_map(self::settings(...), $bars),
            ...$row->rules,
            ...$row->cautions,
            $row->notes,
        ], static fn(string $line): bool => $line !== ''));
    }

    /** "From 19:30: 1/40 s, f/4, ISO 1250, head: left wall, output 1/16. Turn: ISO 2 up." */
    private static function settings(ScoreBarDocument $bar): string
    {
        return sprintf(
            'From %s%s: %s, %s, %s, head: %s, output %s.%s%s',
            $bar->from,
            $bar->feasible ? '' : ', nearest',
            $bar->shutter,
            $bar->aperture,
            $bar->iso,
            lcfirst($bar->head),
            $bar->output,
            $bar->changes === [] ? '' : ' Turn: ' . implode(', ', array_column($bar->changes, 'label')) . '.',
            implode('', array_map(static fn(ShortfallDocument $s): string => " $s->sentence", $bar->shortfalls)),
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
