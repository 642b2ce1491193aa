<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\Face;

/**
 * One way to point the head, with the settings and the output that go with it.
 *
 * @see docs/physics.md, “What the advisor weighs”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Candidate
{
    /** Stops of trouble that bare light from beside the lens is worth: flat faces, hard shadows. */
    private const BARE = 3.0;

    /** Direct light from a head that was meant to bounce is worse still: uneven, and off the beam's axis. */
    private const STRAY = 4.0;

    /** Spill so many stops under the room's glow does not show: it adds a quarter of a stop. */
    private const HARMLESS_SPILL = 2.5;

    /** Trouble of a cast of 100 mired, stops: an orange that a picture keeps outweighs a stop of battery. */
    private const CAST = 1.0;

    /** What a stop between the cheeks is worth: shape without effort. */
    private const MODELLING = 0.4;

    /** What a stop of output is worth that could be saved: batteries, heat. */
    private const ENERGY = 0.1;

    /** Each stop that the unit lacks outweighs any matter of taste. */
    private const LACK = 10.0;

    /** A stop too much is soon mended: a dome, a gel, a step back. */
    private const EXCESS = 2.0;

    /** Share of light under which a face of the room counts as black. */
    private const BLACK = 0.08;

    /** Share of the face's light from the floor from which it lights from below. */
    private const FROM_BELOW = 0.5;

    /** Share of direct light from which a bounce hangs on the rim of its beam. */
    private const GAMBLE = 0.5;

    /** @internal made by MomentSolver only */
    public function __construct(
        public FaceLight $light,
        public ExposureChoice $choice,
        /** Stops against full power that the face asks for; may lie outside what the unit gives. */
        public float $wantedOutput,
        /** The nearest that the unit gives. */
        public Output $output,
        /** Lowest output of the unit, stops under full. */
        private float $lowest,
        private ExposureValue $glow,
        /** What is fitted to the head, a card that belongs to the aim aside. */
        public ?ModifierKind $modifier,
    ) {}

    /** Whether direct light on the face is meant: from a head at it, a card, or something that shines all round. */
    private function sendsStraightOnPurpose(): bool
    {
        return !$this->light->isBounced() || $this->light->aim === HeadAim::Card || ($this->modifier?->coversHead() ?? false);
    }

    /** Why it is no way to light a face; null for every other. */
    public function noWay(): ?NoWay
    {
        return match (true) {
            !$this->light->isBounced() => null,
            $this->light->struckReflects === 0.0 => NoWay::Open,
            $this->light->struckReflects < self::BLACK => NoWay::Black,
            $this->light->shareBy(Face::Floor) > self::FROM_BELOW => NoWay::Floor,
            default => null,
        };
    }

    /** Whether a bounce lives by the rim of its beam: a few degrees of the head are stops on the face. */
    public function isGamble(): bool
    {
        return !$this->sendsStraightOnPurpose() && $this->light->directShare() > self::GAMBLE;
    }

    /** Whether the flash is off. */
    public function isOff(): bool
    {
        return $this->light->aim === HeadAim::Off;
    }

    /** Stops that the unit lacks at full power, 0 or more; endless when no light gets there. */
    public function tooWeak(): float
    {
        return $this->isOff() ? 0.0 : self::lack($this->wantedOutput);
    }

    /** Stops by which even the lowest output is too much, 0 or more. */
    public function tooStrong(): float
    {
        return $this->isOff() ? 0.0 : self::lack($this->lowest - $this->wantedOutput);
    }

    /**
     * What speaks against it, in stops: a long recycle, energy, dark eye sockets, spill that
     * drowns the room's glow, a cast, stray or bare direct light; what models the
     * face speaks for it.
     *
     * Judgement, not physics; the weights follow the school "bounced first,
     * direct when nothing is overhead".
     */
    public function trouble(): float
    {
        return $this->troubleOfLight()
            + ($this->isOff() ? 0.0 : self::troubleOfOutput($this->wantedOutput, $this->lowest))
            + self::troubleOfSpill($this->spillOverGlow()->value)
            + self::EXCESS * ($this->choice->isFallenForFlash() ? $this->choice->tooDark : 0.0);
    }

    /** Of that, what the way itself brings, whatever is set. */
    public function troubleOfLight(): float
    {
        return max(0.0, $this->light->crownOverFace()->value)
            + self::CAST * abs($this->light->cast->warmth->mired) / 100.0
            - self::MODELLING * min(1.0, abs($this->light->leftOverRight()->value)) * (1.0 - $this->light->directShare())
            + ($this->sendsStraightOnPurpose() ? self::BARE : self::STRAY) * $this->light->directShare();
    }

    /**
     * Of that, what the output brings: work for the unit, or more or less than it gives.
     *
     * @param float $wanted stops against full power that the face asks for
     * @param float $lowest of the unit, stops against full power
     */
    public static function troubleOfOutput(float $wanted, float $lowest): float
    {
        return max(0.0, $wanted - ExposureChooser::EASY_OUTPUT)
            + self::ENERGY * max(0.0, $wanted - $lowest)
            + self::LACK * min(30.0, self::lack($wanted))
            + self::EXCESS * self::lack($lowest - $wanted);
    }

    /** What is missing to a wish, stops; what rounding to the gear may cost is not. */
    private static function lack(float $stops): float
    {
        return $stops > Tolerance::ROUNDING ? $stops : 0.0;
    }

    /** Of that, what spill brings. @param float $overGlow stops against the room's own light on the backdrop */
    public static function troubleOfSpill(float $overGlow): float
    {
        return max(0.0, $overGlow + self::HARMLESS_SPILL);
    }

    /** Flash on the backdrop against the room's own light there, stops. */
    public function spillOverGlow(): Stops
    {
        $settings = $this->choice->settings;
        $spill = $settings->levelOfFlash($this->light->backdrop * $this->output->share());

        return $spill->minus($settings->offsetOf($this->glow));
    }
}
