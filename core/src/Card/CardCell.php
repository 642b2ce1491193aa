<?php

declare(strict_types=1);

namespace Kaddle\Core\Card;

use Kaddle\Core\Flash\Output;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Solve\Tolerance;

/**
 * What one place asks of the output, everything else left as the card says.
 *
 * @phpstan-all-methods-pure
 */
final readonly class CardCell
{
    private function __construct(
        /** Distance, or height of the ceiling. */
        public Length $at,
        /** The nearest that the unit gives. */
        public Output $output,
        /** Clicks of output from where the card has it; above 0 turns up. */
        public int $clicks,
        /** What the unit lacks there at full power, above 0, or gives too much at its lowest, below 0. */
        public Stops $lack,
    ) {}

    /**
     * @param Solution $card as it is on the card, with flash
     * @param float $wanted stops against full power that the face asks for there
     */
    public static function of(Length $at, float $wanted, Solution $card): self
    {
        $unit = $card->moment->flash;
        $output = $unit->nearest($wanted);
        $stands = $card->best->output->stops->thirtieths ?? throw new \LogicException('a flash that is off has no clicks');
        $turned = ($output->stops->thirtieths ?? $stands) - $stands;
        $beyond = $wanted - max($unit->lowest->value(), min(0.0, $wanted));

        return new self(
            $at,
            $output,
            (int) round($turned / $unit->step->thirtieths()),
            Stops::of(abs($beyond) > Tolerance::ROUNDING ? $beyond : 0.0),
        );
    }
}
