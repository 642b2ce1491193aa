<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Motion\BackdropLamp;
use Kaddle\Core\Motion\CameraMove;
use Kaddle\Core\Motion\CameraMoveKind;
use Kaddle\Core\Motion\Exposing;
use Kaddle\Core\Motion\Ghost;
use Kaddle\Core\Motion\GhostVerdict;
use Kaddle\Core\Motion\OpenTime;
use Kaddle\Core\Motion\Spot;
use Kaddle\Core\Motion\SubjectBlur;
use Kaddle\Core\People\Movement;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\FaceBalance;
use Kaddle\Core\Solve\Solution;

/**
 * How far settings miss a look, in stops for each thing that it asks.
 *
 * @see docs/physics.md, “Asked looks”
 *
 * @phpstan-all-methods-pure
 */
final readonly class AskTrial
{
    /** Stops that are told of what no setting could give. */
    public const NEVER = 99.0;

    /** m of a head, from chin to crown. */
    public const HEAD = 0.24;

    /** m behind the people at which a flash for a rim stands, and stops over correct that it gives. */
    public const RIM_DISTANCE = 1.5;
    public const RIM_LEVEL = 1.0;

    /** Stops over the ground from which drawn lamps are a drawing. */
    private const LAMPS_OVER = 2.0;

    /** Stops under the figure between which a trail is a trail. */
    private const TRAIL_FROM = 1.0;
    private const TRAIL_TO = 3.0;

    /** What still passes for sharp where the picture is about something else, against what looks sharp. */
    private const FORGIVEN_SMEAR = 4.0;

    /** m/s of people who hold their breath. */
    private const POSED = 0.01;

    /** Share of the time at which a passer-by is gone: three stops under what is behind. */
    private const GONE = 0.125;

    /** Stops under correct of a silhouette. */
    private const DARK = 3.0;

    /** Stops past what hands hold that a pop on the people forgives. */
    private const FORGIVEN = 2.0;

    /** m/s of a crowd of which nobody says. */
    private const CROWD = 1.2;

    private function __construct(
        private Moment $moment,
        private Ask $ask,
        private Subject $subject,
        /** lx·s on the face at full power. */
        private float $onFace,
        /** Frame widths a metre takes at the subject. */
        private float $scale,
        private bool $hasSecond,
        /** Degrees by which a camera is swept so that a lamp in the middle draws what was asked. */
        public float $angle,
        /** The brightest; null where there is none. */
        private ?BackdropLamp $lamp,
    ) {}

    public static function of(Solution $solution, Ask $ask): self
    {
        $moment = $solution->moment;
        $view = DragView::of($solution);
        $focal = $moment->optics->metres() / $moment->optics->frameWidth();
        $lamps = $moment->drag->lamps;

        return new self(
            $moment,
            $ask,
            $view->subject,
            $solution->best->light->onFace(),
            $view->exposing->scaleAt($moment->scene->distance),
            $view->curtains->lack === null,
            rad2deg(2.0 * atan($ask->amount / 2.0 / $focal)),
            $lamps === [] ? null : array_reduce(
                $lamps,
                static fn(BackdropLamp $most, BackdropLamp $l): BackdropLamp => $l->level->ev > $most->level->ev ? $l : $most,
                $lamps[0],
            ),
        );
    }

    /**
     * What depends on the time alone.
     *
     * @return array<string, float> stops by AskPart
     */
    public function ofTime(ExposureSettings $settings): array
    {
        $seconds = $settings->shutter->seconds();
        $hold = log($seconds, 2) + $this->moment->body->steadinessAt($this->moment->lens->focalLength)->timeValue();
        $hands = $this->ask->tripod ? 0.0 : max(0.0, $hold - ($this->ask->kind === AskKind::TrailBehind ? self::FORGIVEN : 0.0));
        $across = abs($this->moment->people->going->across());

        return match ($this->ask->kind) {
            AskKind::LampTrails => [
                AskPart::Lamps->value => $this->lamp === null ? self::NEVER : 0.0,
                AskPart::HandsTurn->value => max(0.0, log($this->angle / CameraMove::FASTEST_HANDS / $seconds, 2)),
            ],
            AskKind::TrailBehind => [
                AskPart::TrailLength->value => $across > 0.0
                    ? abs(log($across * $seconds / ($this->ask->amount * self::HEAD), 2))
                    : self::NEVER,
                AskPart::SecondCurtain->value => $this->hasSecond ? 0.0 : 1.0,
                AskPart::HandsHold->value => $hands,
            ],
            AskKind::CrowdAway => [
                AskPart::CrowdGone->value => max(0.0, log(Subject::WIDE / self::GONE / ($this->crowd() * $seconds), 2)),
                // Who is asked to hold still sways less than who just stands.
                AskPart::CoupleSharp->value => $this->smears(($across <= Movement::Still->speed() ? self::POSED : $across) * $seconds),
                AskPart::HandsHold->value => $hands,
            ],
            AskKind::Silhouette, AskKind::GlowBehind => [
                AskPart::CoupleSharp->value => $this->smears($across * $seconds),
                AskPart::HandsHold->value => $hands,
            ],
        };
    }

    /**
     * All of it.
     *
     * @return array<string, float> stops by AskPart
     */
    public function all(ExposureSettings $settings): array
    {
        return $this->ofTime($settings) + $this->ofLight($settings);
    }

    /** @return array<string, float> stops by AskPart */
    public function ofLight(ExposureSettings $settings): array
    {
        $room = $settings->offsetOf($this->moment->held);
        $onFace = $settings->offsetOf($this->moment->onFace);

        return match ($this->ask->kind) {
            AskKind::LampTrails => [
                AskPart::FaceClean->value => $this->shows($this->ghost($settings, $this->ask->amount)),
                AskPart::LampsSeen->value => $this->lampsMiss($settings),
                AskPart::Output->value => $this->outputMiss($settings),
            ],
            AskKind::TrailBehind => [
                AskPart::TrailSeen->value => $this->trailMiss($settings),
                AskPart::Output->value => $this->outputMiss($settings),
            ],
            AskKind::CrowdAway => [AskPart::RoomLevel->value => abs($room->value)],
            AskKind::Silhouette => [
                AskPart::Ground->value => abs($this->ground($onFace)->value),
                AskPart::PersonDark->value => max(0.0, self::DARK + $onFace->value),
            ],
            AskKind::GlowBehind => [
                AskPart::RoomLevel->value => abs($room->minus($this->moment->roomLevel)->value),
                AskPart::Rim->value => $this->outputMiss($settings),
            ],
        };
    }

    /** Level at which the room, or what is behind, comes out as asked, stops against metered; null where nobody asks. */
    public function roomWish(): ?float
    {
        return match ($this->ask->kind) {
            AskKind::CrowdAway => 0.0,
            AskKind::GlowBehind => $this->moment->roomLevel->value,
            AskKind::Silhouette => $this->moment->held->ev - $this->moment->onFace->ev - $this->ground(Stops::of(0.0))->value,
            AskKind::LampTrails, AskKind::TrailBehind => null,
        };
    }

    /** Stops against full power at which the flash does its part; endlessly low where it stays off. */
    public function output(ExposureSettings $settings): float
    {
        return match (true) {
            $this->ask->kind->isWithoutFlash() => -INF,
            $this->ask->kind === AskKind::GlowBehind => self::RIM_LEVEL - $settings->levelOfFlash($this->onRim())->value,
            default => FaceBalance::flashBeside($settings->offsetOf($this->moment->onFace), $this->moment->look->fill)
                ->minus($settings->levelOfFlash($this->onFace))->value,
        };
    }

    /** Stops by which somebody whom only the room lights goes too far to look sharp in a print. @param float $metres that they go */
    private function smears(float $metres): float
    {
        return $metres > 0.0 ? max(0.0, log($metres * $this->scale / (self::FORGIVEN_SMEAR * SubjectBlur::SHARP), 2)) : 0.0;
    }

    private function crowd(): float
    {
        return max(0.01, $this->moment->drag->crowd === null ? self::CROWD : abs($this->moment->drag->crowd->across()));
    }

    private function outputMiss(ExposureSettings $settings): float
    {
        $wanted = $this->output($settings);

        return max(0.0, $wanted, $this->moment->flash->lowest->value() - $wanted);
    }

    /** lx·s of a full pop from behind, at the rim. */
    private function onRim(): float
    {
        $unit = $this->moment->flash;

        return $unit->zoomFor(HeadAim::Direct, $this->moment->optics->f35())->beam->axial / self::RIM_DISTANCE ** 2;
    }

    /** What lies behind, by its own light. @param Stops $room on the face */
    private function ground(Stops $room): Stops
    {
        return $room->plus(Stops::ofRatio($this->subject->behind / $this->subject->room));
    }

    /** @param float $smear frame widths */
    private function ghost(ExposureSettings $settings, float $smear): Ghost
    {
        $room = $settings->offsetOf($this->moment->onFace);
        $flash = FaceBalance::flashBeside($room, $this->moment->look->fill)->ratio();
        $behind = $this->subject->behind / $this->subject->room * $room->ratio();

        return $this->subject->with(
            $room->ratio(),
            $flash,
            $behind,
            $this->subject->flash > 0.0 ? $this->subject->behindFlash * $flash / $this->subject->flash : 0.0,
        )->ghost(Subject::WIDE * $this->scale, $smear);
    }

    /** Stops by which a ghost is too bright to be clean. */
    private function shows(Ghost $ghost): float
    {
        return $ghost->verdict === GhostVerdict::Clean ? 0.0 : max(0.01, Ghost::HARMLESS - $ghost->under->value);
    }

    private function trailMiss(ExposureSettings $settings): float
    {
        $smear = abs($this->moment->people->going->across()) * $settings->shutter->seconds() * $this->scale;
        $ghost = $this->ghost($settings, $smear);
        if ($ghost->against->value < 0.0) {
            return Ghost::SHOWS - $ghost->against->value;
        }

        return max(0.0, self::TRAIL_FROM - $ghost->under->value, $ghost->under->value - self::TRAIL_TO);
    }

    /** Stops that the brightest lamp, drawn so far, lacks over what lies behind. */
    private function lampsMiss(ExposureSettings $settings): float
    {
        if ($this->lamp === null) {
            return 0.0;
        }
        $exposing = new Exposing(
            $this->moment->optics,
            OpenTime::of($settings),
            CameraMove::ofDegrees(CameraMoveKind::Sweep, $this->angle, 1.0, null),
        );
        $ground = $settings->offsetOf($this->moment->glow)->plus(Stops::ofRatio(max(1e-6, $this->subject->behind / $this->subject->room)));
        $spot = Spot::of(
            $this->lamp,
            $exposing,
            $this->moment->drag->focus ?? $this->moment->scene->distance,
            $this->moment->body->pixels,
        );
        $level = $settings->offsetOf($this->lamp->level)->plus(Stops::ofRatio($spot->dimming * min(1.0, $spot->width / $this->ask->amount)));

        return max(0.0, self::LAMPS_OVER - $level->minus($ground)->value);
    }
}
