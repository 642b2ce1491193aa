<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

use Kaddle\Core\Exposure\SecondCurtainLack;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Motion\Exposing;
use Kaddle\Core\Motion\Ghost;
use Kaddle\Core\Motion\GhostVerdict;
use Kaddle\Core\Motion\PopTimes;
use Kaddle\Core\Motion\SubjectBlur;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Solution;

/**
 * First curtain against second, for the same movement.
 *
 * @see docs/physics.md, “Curtains”
 *
 * @phpstan-all-methods-pure
 */
final readonly class CurtainChoice
{
    /** s by which a pop may come later than the finger expects before anybody feels it (judgement). */
    private const UNFELT = 0.05;

    /** Share of frame width from which a smear lies on a side: 0.25 mm at 36 mm x 24 mm. */
    private const SIDED = 0.25 / 36.0;

    private function __construct(
        public PopTimes $first,
        public PopTimes $second,
        public Curtain $advised,
        public CurtainReason $reason,
        /** What stands against the second; null for nothing. */
        public ?SecondCurtainLack $lack,
        /** The one that the picture is taken with: as chosen where it is there, else as advised. */
        public Curtain $chosen,
        /** Frame widths a second that the person goes before a camera that is held still: until the shutter opens. */
        private float $ownSpeed,
        /** The same while it is open, with what the camera does meanwhile. */
        public float $speed,
    ) {}

    public static function of(Solution $solution, Exposing $exposing, Ghost $ghost): self
    {
        $moment = $solution->moment;
        $seconds = $exposing->time->seconds;
        $metered = $moment->flash->firing->isMetered;
        $lack = self::lack($moment, $solution);
        $reason = match (true) {
            $solution->best->isOff() => CurtainReason::NoFlash,
            $solution->best->choice->settings->aids->pulsesAt($solution->best->choice->settings->shutter) => CurtainReason::Pulses,
            $exposing->move->moves() => CurtainReason::Framed,
            // What the lamps draw by themselves lies where it lies, whenever the pop comes.
            $ghost->verdict === GhostVerdict::Clean => CurtainReason::NoDifference,
            // An edge so narrow lies on no side that anybody sees, and a pose that comes later is one more to miss.
            $ghost->smear < self::SIDED => CurtainReason::NoSide,
            $lack !== null => CurtainReason::NotThere,
            default => CurtainReason::TrailFollows,
        };
        $advised = $reason === CurtainReason::TrailFollows ? Curtain::Second : Curtain::First;
        $wished = $moment->drag->curtain ?? $advised;

        return new self(
            PopTimes::of(Curtain::First, $seconds, $moment->body->sync, $metered),
            PopTimes::of(Curtain::Second, $seconds, $moment->body->sync, $metered),
            $advised,
            $reason,
            $lack,
            $lack === null ? $wished : Curtain::First,
            abs($moment->people->going->across()) * $exposing->scaleAt($moment->scene->distance),
            $exposing->smearOf($moment->people->going, 0.0, $moment->scene->distance) / $seconds,
        );
    }

    /** The one that a body is set to; null where there is none to choose. */
    public function toSet(): ?Curtain
    {
        return $this->reason === CurtainReason::NoFlash || $this->reason === CurtainReason::Pulses ? null : $this->chosen;
    }

    public function times(Curtain $curtain): PopTimes
    {
        return $curtain === Curtain::First ? $this->first : $this->second;
    }

    /**
     * The one that a body is set to where it stands at another: none where nothing that shows would be gained.
     *
     * @param Curtain|null $stands null for nothing said yet
     */
    public function setFrom(?Curtain $stands): ?Curtain
    {
        $isSame = ($this->reason === CurtainReason::NoDifference || $this->reason === CurtainReason::NoSide)
            && $this->chosen === $this->advised
            && $this->second->pops - $this->first->pops < self::UNFELT;

        return $isSame ? $stands ?? $this->chosen : $this->toSet();
    }

    /** Frame widths that they have gone since the finger when the pop freezes them. */
    public function late(Curtain $curtain): float
    {
        $times = $this->times($curtain);

        return $this->ownSpeed * $times->opens + $this->speed * ($times->pops - $times->opens);
    }

    /** s of exposure under which the curtain makes no difference at this movement: nothing smears; endless for who holds still. */
    public function sameUnder(): float
    {
        return $this->speed > 0.0 ? SubjectBlur::SHARP / $this->speed : INF;
    }

    private static function lack(Moment $moment, Solution $solution): ?SecondCurtainLack
    {
        $lacks = $moment->body->lacksSecondCurtain;
        $settings = $solution->best->choice->settings;
        $stands = static fn(SecondCurtainLack $lack): bool => in_array($lack, $lacks, true);

        return match (true) {
            $stands(SecondCurtainLack::Everything), !$moment->flash->firing->hasSecondCurtain => SecondCurtainLack::Everything,
            $settings->aids->pulsesAt($settings->shutter) => SecondCurtainLack::HighSpeed,
            $moment->drag->isWireless && $stands(SecondCurtainLack::Wireless) => SecondCurtainLack::Wireless,
            $moment->flash->firing->isMetered && $stands(SecondCurtainLack::LongPreflash) => SecondCurtainLack::LongPreflash,
            default => null,
        };
    }
}
