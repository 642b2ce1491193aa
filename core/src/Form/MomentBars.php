<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Gear\BodyForm;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Night\Slot;
use Kaddle\Core\Power\PlannedUse;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\InHand;
use Kaddle\Core\Score\Stretches;

/** The bars of a moment, from the moment document that it makes. */
final class MomentBars
{
    private function __construct() {}

    /**
     * @param string $moment names the moment
     * @param array<string, mixed> $document of the moment
     * @param Record $settings of the moment, by MomentForm::settings() or with all of it
     * @param Record $plan of the moment, by MomentForm::plan() or planned()
     * @param Record $body figures of the body
     * @param (callable(float): float)|null $curve EV of its room at a minute since six in the morning; null where the document tells the glow
     *
     * @return non-empty-list<Bar>
     */
    public static function of(string $moment, string $name, Slot $slot, array $document, Record $settings, Record $plan, InHand $inHand, Record $body, LensesInUse $lenses, ?callable $curve): array
    {
        $metres = static fn(string $field): ?float => $plan->has($field) ? $plan->number($field) : null;
        $bar = static function (int $from, int $until, array $document) use ($moment, $name, $slot, $settings, $plan, $inHand, $body, $lenses, $metres): Bar {
            $light = MomentReader::fromArray($document);
            $bar = Bar::of(
                $moment,
                $name,
                $from,
                $until,
                $light,
                $inHand,
                EffortForm::on($body),
                $metres('nearest'),
                $metres('farthest'),
                BodyForm::metering($body),
                $plan->has('framesPerMinute') ? $plan->number('framesPerMinute') : PlannedUse::USUAL_RATE,
                $slot->minutes,
            );

            return $settings->flag('ownLens') ? $bar : $bar->orThrough($lenses->besides($inHand->lens, $light->lens->focalLength));
        };

        if ($curve === null) {
            return [StandForm::held($bar($slot->from, $slot->until(), $document), $settings, 0)];
        }
        $bars = [];
        foreach (Stretches::of($slot->from, $slot->until(), $curve) as $i => [$from, $until, $ev]) {
            $bars[] = StandForm::held($bar($from, $until, ['glow' => ['ev' => round($ev, 2)]] + $document), $settings, $i);
        }

        return $bars;
    }
}
