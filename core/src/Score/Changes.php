<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\ExposureBounds;
use Kaddle\Core\Solve\Solution;

/**
 * What is changed between two bars, and what it would cost to leave it.
 *
 * @see docs/physics.md, “What a turn costs”
 */
final readonly class Changes
{
    private function __construct(
        private Stand $before,
        private Stand $now,
        private Solution $solution,
        private Effort $effort,
    ) {}

    /** @return list<Change> */
    public static function between(Bar $from, Solution $stood, Bar $to, Solution $stands): array
    {
        $effort = $to->effort;
        $self = new self(Stand::ofCandidate($stood->best), Stand::ofCandidate($stands->best), $stands, $effort);
        $things = array_map(
            static fn(Control $c): Change => new Change($c, 0, $effort->of($c, 1), null, null, 0.0, 0.0),
            $to->inHand->changesFrom($from->inHand),
        );

        return [...$things, ...$self->turned(), ...$self->flash(), ...self::ofBalance($from, $to)];
    }

    /**
     * The same where another body, with all that is on it, is taken up.
     *
     * @param list<Change> $changes
     *
     * @return list<Change>
     */
    public static function withRig(Bar $to, array $changes): array
    {
        return in_array(Control::Body, array_map(static fn(Change $c): Control => $c->control, $changes), true)
            ? $changes
            : [new Change(Control::Body, 0, $to->effort->of(Control::Body, 1), null, null, 0.0, 0.0), ...$changes];
    }

    /** @return list<Change> one where somebody has said how one of both is to be set, and it is not the same */
    private static function ofBalance(Bar $from, Bar $to): array
    {
        [$before, $now] = [$from->light, $to->light];
        $isTold = $before->look->balance !== null || $now->look->balance !== null;

        return $isTold && !$before->balance()->equals($now->balance())
            ? [new Change(Control::Balance, 0, $to->effort->of(Control::Balance, 1), 0.0, 0.0, 0.0, 0.0)]
            : [];
    }

    /**
     * @param Curtain|null $stands that the body was set to before; null for nothing said yet
     * @param Curtain|null $curtain that it is set to in the bar; null where there is none to choose
     *
     * @return list<Change> one or none
     */
    public static function ofCurtain(Bar $to, ?Curtain $stands, ?Curtain $curtain): array
    {
        return $stands === null || $curtain === null || $stands === $curtain
            ? []
            : [new Change(Control::Curtain, 0, $to->effort->of(Control::Curtain, 1), 0.0, 0.0, 0.0, 0.0)];
    }

    /** @return list<Change> shutter, aperture and ISO */
    private function turned(): array
    {
        $step = $this->solution->moment->body->step;

        return array_values(array_filter(array_map(
            fn(Control $c): ?Change => $this->click($c, $step),
            [Control::Shutter, Control::Aperture, Control::Iso],
        )));
    }

    /** @return list<Change> head and output; a flash that was off is set before it is switched on */
    private function flash(): array
    {
        if ($this->before->isOff() || $this->now->isOff()) {
            return $this->before->isOff() === $this->now->isOff()
                ? []
                : [new Change(Control::Flash, 0, $this->effort->of(Control::Flash, 1), null, null, 0.0, 0.0)];
        }
        $output = $this->click(Control::Output, $this->solution->moment->flash->step);

        return [
            ...($this->before->way === $this->now->way ? [] : [$this->change(Control::Head, 0)]),
            ...($output === null ? [] : [$output]),
        ];
    }

    private function click(Control $control, Step $step): ?Change
    {
        $turned = (int) $this->now->place($control) - (int) $this->before->place($control);

        if ($turned === 0) {
            return null;
        }
        // An end of a scale may lie nearer than a click.
        $clicks = (int) round($turned / $step->thirtieths());

        return $this->change($control, $clicks === 0 ? $turned <=> 0 : $clicks);
    }

    private function change(Control $control, int $clicks): Change
    {
        $left = $this->now->with($control, $this->before);
        $glow = $this->solution->moment->held;
        $way = $this->wayOf($left);

        return new Change(
            $control,
            $clicks,
            $this->effort->of($control, $clicks === 0 ? 1 : $clicks),
            $left->settings->offsetOf($glow)->minus($this->now->settings->offsetOf($glow))->value,
            $way === null ? null : $this->faceAt($left, $way) - $this->faceAt($this->now, $this->solution->best),
            ExposureBounds::shakeOf($this->solution->moment, $left->settings->shutter),
            $this->beyond($control, $left),
        );
    }

    /** Level of the face, stops. */
    private function faceAt(Stand $stand, Candidate $way): float
    {
        $flash = $stand->settings->levelOfFlash($way->light->onFace() * $stand->output->share());

        return $stand->settings->offsetOf($this->solution->moment->onFace)->withLight($flash)->value;
    }

    /** The way that a stand points the head; null where this bar does not know its light. */
    private function wayOf(Stand $stand): ?Candidate
    {
        foreach ([...$this->solution->candidates, ...$this->solution->leftOut] as $way) {
            if (Stand::wayOf($way) === $stand->way) {
                return $way;
            }
        }

        return null;
    }

    /** Stops by which a control that is left stands outside of what the gear gives in this bar. */
    private function beyond(Control $control, Stand $left): float
    {
        $place = $left->place($control);
        [$least, $most] = $control->places($this->solution->moment) ?? [0, 0];

        return $place === null ? 0.0 : max(0, $least - $place, $place - $most) / 30.0;
    }
}
