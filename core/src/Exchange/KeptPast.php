<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Form\StandForm;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Score\Score;

/** What comes before a change of a night, and so has been shot or is on cards already, stays as it stood. */
final class KeptPast
{
    private function __construct() {}

    /**
     * @param ReadDocument $changed the night after the change
     * @param Score $score of it before
     *
     * @return array<string, mixed> the night after the change, its moments up to the first that is changed held as the score has them
     */
    public static function of(ReadDocument $changed, ReadDocument $before, Score $score): array
    {
        $then = self::told($before);
        $now = self::told($changed);
        $first = Evening::DAY;
        foreach ($now as $uid => [$starts, $told]) {
            if ($told !== $then[$uid][1]) {
                $first = min($first, $starts, $then[$uid][0]);
            }
        }
        $stands = [];
        foreach ($score->bars as $bar) {
            if ($now[$bar->bar->moment][0] < $first) {
                $stands[$bar->bar->moment][] = StandForm::of($bar);
            }
        }

        return ['moments' => array_map(
            static fn(Record $m): array => $m->toArray() + (isset($stands[$m->text('uid')]) ? ['stands' => $stands[$m->text('uid')]] : []),
            $changed->document->records('moments'),
        )] + $changed->document->toArray();
    }

    /** @return array<string, array{int, array<mixed>}> when each moment begins, and all that is told of it, by its identity */
    private static function told(ReadDocument $night): array
    {
        $rooms = [];
        foreach ($night->document->record('place')->records('rooms') as $room) {
            $rooms[$room->text('uid')] = $room->toArray();
        }
        $told = [];
        foreach ($night->document->records('moments') as $moment) {
            $told[$moment->text('uid')] = [
                Evening::minutes($moment->record('plan')->text('starts')),
                [array_diff_key($moment->toArray(), ['stands' => null]), $rooms[$moment->text('room')]],
            ];
        }

        return $told;
    }
}
