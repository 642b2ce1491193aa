<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Situation\Scene;

/** Settings and a head that stay as they are while people step nearer or away, or the ceiling is another one. */
final readonly class Held
{
    private function __construct(
        private Moment $moment,
        private ExposureSettings $settings,
        private HeadAim $aim,
        private FlashInRoom $room,
    ) {}

    public static function at(Moment $moment, ExposureSettings $settings, HeadAim $aim): self
    {
        return new self($moment, $settings, $aim, FlashInRoom::of($moment->scene->room));
    }

    /** Stops against full power that the face asks for in a scene; endless where no light gets there. */
    public function wantedAt(Scene $scene): float
    {
        $room = $scene->room === $this->moment->scene->room ? $this->room : FlashInRoom::of($scene->room);
        $light = $room->at(['face' => $scene->faceProbe()])->exposures($this->moment->head($scene, $this->aim))['face'];

        return FaceBalance::outputFor($this->moment, $this->settings, $light->total()->luminance());
    }
}
