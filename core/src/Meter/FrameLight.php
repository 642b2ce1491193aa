<?php

declare(strict_types=1);

namespace Kaddle\Core\Meter;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Clothing;
use Kaddle\Core\People\Shining;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Situation\Scene;
use Kaddle\Core\Solve\FaceBalance;

/**
 * What a flash meter finds in the frame: people and what stands behind them, each with its
 * share of the picture, its tone, and its light by room and by a full pop.
 *
 * Light is told as a ratio to correct, tone as a ratio to mid-grey (18 %).
 */
final readonly class FrameLight
{
    /** Stops by which what is seen through a window, part of it sky, outshines a grey thing outside. */
    public const SKY = 1.0;

    private function __construct(
        /** Of a full pop on the face. */
        public float $faceFlash,
        private float $behindFlash,
        /** Of the room, on the face. */
        public float $room,
        /** Of the room, on what is behind. */
        private float $behindRoom,
        /** Share of the picture, 0 to 1. */
        public float $people,
        private float $peopleTone,
        private float $behindTone,
        private float $shareThatShines,
        private float $shine,
        private Stops $fill,
    ) {}

    /** @param Shining|null $shining what shines there; null for what the moment says, or what is usual */
    public static function of(
        Moment $moment,
        Scene $scene,
        ExposureSettings $settings,
        HeadAim $aim,
        Clothing $clothing,
        Behind $behind,
        ?Shining $shining = null,
    ): self {
        $wall = $scene->spaceBehind();
        $place = Vector::of(
            $scene->face->x + max(0.01, min($behind->distance(), $wall)),
            $scene->face->y,
            $scene->face->z,
        );
        $light = FlashInRoom::of($scene->room)
            ->at(
                [
                    'face' => $scene->faceProbe(),
                    'behind' => Probe::at($place, Direction::along(Vector::of(-1.0, 0.0, 0.0))),
                ],
            )
            ->exposures($moment->head($scene, $aim));
        $people = $moment->people;
        $shining ??= $people->behind === $behind ? $people->shining : null;

        return new self(
            $settings->levelOfFlash($light['face']->total()->luminance())->ratio(),
            $settings->levelOfFlash($light['behind']->total()->luminance())->ratio(),
            $settings->offsetOf($moment->onFace)->ratio(),
            $settings->offsetOf($moment->glow)->ratio(),
            $people->shareOfFrame($moment->optics, $scene->distance),
            $clothing->tone(),
            $behind->tone(),
            $shining->share ?? $behind->shiningShare(),
            self::shine($moment, $settings, $behind, $shining?->level),
            $moment->look->fill,
        );
    }

    /** A window shines by the light outside; where nobody knows that, as the room does. */
    private static function shine(
        Moment $moment,
        ExposureSettings $settings,
        Behind $behind,
        ?ExposureValue $told,
    ): float {
        if ($told !== null) {
            return $settings->offsetOf($told)->ratio();
        }

        return $behind === Behind::Window && $moment->outdoors !== null
            ? $settings->offsetOf($moment->outdoors)->ratio() * 2.0 ** self::SKY
            : $settings->offsetOf($moment->glow)->ratio() * 2.0 ** $behind->shiningOverRoom();
    }

    /**
     * Output that brings the picture, weighed, to mid-grey, in stops under full. Where the room alone
     * is nearly that or more, it gives fill: meters do not switch a flash off.
     *
     * @param float $weight how much more the people count than what is around them
     */
    public function metered(float $weight): float
    {
        $behind = (1.0 - $this->people) * (1.0 - $this->shareThatShines);
        $whole = $weight * $this->people + $behind + (1.0 - $this->people) * $this->shareThatShines;
        $people = $weight * $this->people * $this->peopleTone / $whole;
        $around = $behind * $this->behindTone / $whole;
        $shine = (1.0 - $this->people) * $this->shareThatShines * $this->shine / $whole;
        $missing = max($this->fill->ratio(), 1.0 - $people * $this->room - $around * $this->behindRoom - $shine);
        $flash = $people * $this->faceFlash + $around * $this->behindFlash;

        return $flash > 0.0 ? log($missing / $flash, 2) : INF;
    }

    /** Output that the face asks for, in stops under full; above 0 where a full pop is not enough. */
    public function wanted(): float
    {
        return FaceBalance::flashBeside(
            Stops::ofRatio($this->room),
            $this->fill,
        )->value - log(max(1e-12, $this->faceFlash), 2);
    }

    /**
     * Level of the face by room and flash, against correct.
     *
     * @param float $output stops against what the unit is set to
     */
    public function face(float $output): Stops
    {
        return Stops::ofRatio($this->room + $this->faceFlash * 2.0 ** $output);
    }
}
