<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Power\EnergyPlan;
use Kaddle\Core\Power\PowerSource;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Solve\Solution;

/**
 * What another ISO does to the batteries: a stop of it is a stop of output.
 *
 * @phpstan-all-methods-pure
 */
final readonly class TradeDocument
{
    private function __construct(
        /** "6400" */
        public string $iso,
        /** Whether it is what is set now. */
        public bool $now,
        /** Whether the body has it and its owner still delivers it. */
        public bool $usable,
        /** Stops of ISO more (above 0) or less than now. */
        public int $stops,
        /** What then keeps the room as it is: "shutter 1 stop faster"; '' for what is set now. */
        public string $turn,
        /** "1/32" */
        public string $output,
        /** s until ready again. */
        public float $recycle,
        /** Pops in a set. */
        public float $pops,
        /** Pops within ten minutes from which the head is hot. */
        public float $hotAfter,
    ) {}

    /** @return list<self> two stops less to two more; what unit, sync, hands and lens cannot give is left out */
    public static function allFor(Solution $solution, PowerSource $source): array
    {
        $iso = $solution->best->choice->settings->iso;
        $unit = $solution->moment->flash;
        $trades = [];
        foreach ([-2, -1, 0, 1, 2] as $more) {
            $wanted = $solution->best->output->value() - $more;
            $output = $unit->nearest($wanted);
            $sv = ExactStops::fromThirtieths($iso->sv->thirtieths + 30 * $more);
            if ($more !== 0 && ($wanted > 0.0 || $wanted < $unit->lowest->value() || $sv->thirtieths < -30 || $sv->thirtieths > 300)) {
                continue;
            }
            $turn = $more === 0 ? '' : self::turn($solution, $more);
            if ($turn === null) {
                continue;
            }
            $body = $solution->moment->body;
            $trades[] = new self(
                Iso::of($sv)->label(),
                $more === 0,
                $sv->thirtieths >= $body->baseIso->sv->thirtieths && $sv->thirtieths <= $body->usableIso->sv->thirtieths,
                $more,
                $turn,
                $output->label(),
                round($source->recycle($output->share()), 2),
                round($source->pops($output->share())),
                round(EnergyPlan::hotAfter($output->share())),
            );
        }

        return $trades;
    }

    /** The shutter as far as the frame stays lit and hands hold, else the aperture as far as the lens goes; null where neither does. */
    private static function turn(Solution $solution, int $more): ?string
    {
        $settings = $solution->best->choice->settings;
        $moment = $solution->moment;
        $amount = abs($more) === 1 ? '1 stop' : sprintf('%d stops', abs($more));
        $tv = $settings->shutter->tv->thirtieths + 30 * $more;
        $av = $settings->aperture->av->thirtieths + 30 * $more;
        $slowest = $moment->look->acceptsShake() ? -30.0 : 30.0 * $moment->body->steadinessAt($moment->lens->focalLength)->timeValue();

        return match (true) {
            $tv <= $moment->body->sync->tv->thirtieths && $tv >= $slowest => sprintf('shutter %s %s', $amount, $more > 0 ? 'faster' : 'slower'),
            $av >= $moment->lens->widest->av->thirtieths && $av <= $moment->lens->narrowest->av->thirtieths => sprintf('aperture %s %s', $amount, $more > 0 ? 'narrower' : 'wider'),
            default => null,
        };
    }
}
