<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

use Kaddle\Core\Motion\CameraMove;
use Kaddle\Core\Motion\CameraMoveKind;
use Kaddle\Core\People\Movement;
use Kaddle\Core\Situation\Moment;

/**
 * Looks with the figures that they start from: what to set, as parts of a moment's document.
 *
 * @phpstan-all-methods-pure
 */
enum ReadyLook: string
{
    case StillInCrowd = 'still-in-crowd';
    case Twist = 'twist';
    case SweepAlong = 'sweep-along';
    case Zoom = 'zoom';
    case DrawnLights = 'drawn-lights';
    case DayForNight = 'day-for-night';
    case Silhouette = 'silhouette';
    case Rim = 'rim';

    /** Frame widths of the smear that a look shows a third of the way to the edge. */
    private const SMEAR = 0.05;
    private const THIRD = 0.3;

    /** s for which a camera goes along. */
    private const ALONG_SECONDS = 0.125;

    /** m/s of guests who pass. */
    private const PASSING = 1.2;

    public function inWords(): string
    {
        return match ($this) {
            self::StillInCrowd => 'still couple in a moving crowd',
            self::Twist => 'twist',
            self::SweepAlong => 'sweep with the dancer',
            self::Zoom => 'zoom',
            self::DrawnLights => 'lights drawn by the camera',
            self::DayForNight => 'day for night',
            self::Silhouette => 'silhouette',
            self::Rim => 'rim of light',
        };
    }

    /** The look that finds its settings; null where a time is all it takes. */
    public function ask(): ?AskKind
    {
        return match ($this) {
            self::StillInCrowd => AskKind::CrowdAway,
            self::DrawnLights => AskKind::LampTrails,
            self::Silhouette => AskKind::Silhouette,
            self::Rim => AskKind::GlowBehind,
            default => null,
        };
    }

    /** Time to start from, as its label; null where the look leaves it. */
    public function shutter(): ?string
    {
        return match ($this) {
            self::Twist => '1/4',
            self::SweepAlong => '1/8',
            self::Zoom => '0.5 s',
            default => null,
        };
    }

    /** Stops under metered at which the room reads; null where the look leaves it. */
    public function roomUnder(): ?float
    {
        return match ($this) {
            self::Twist, self::Zoom => 2.0,
            self::SweepAlong => 1.0,
            self::DayForNight => 3.0,
            default => null,
        };
    }

    /** What moves. */
    public function start(Moment $moment): LookStart
    {
        return match ($this) {
            self::StillInCrowd => new LookStart(null, true, Movement::Still, self::PASSING),
            self::Twist => self::turned(CameraMoveKind::Twist, rad2deg(self::SMEAR / self::THIRD)),
            self::SweepAlong => self::turned(CameraMoveKind::Sweep, self::along($moment)),
            self::Zoom => new LookStart(CameraMove::ofDegrees(CameraMoveKind::Zoom, 0.0, round(1.0 + self::SMEAR / self::THIRD, 2), null)),
            self::DayForNight, self::Silhouette, self::Rim, self::DrawnLights => new LookStart(),
        };
    }

    private static function turned(CameraMoveKind $kind, float $degrees): LookStart
    {
        return new LookStart(CameraMove::ofDegrees($kind, round($degrees, 1), 1.0, null));
    }

    /** Degrees by which the camera follows who goes by in the time of the look. */
    private static function along(Moment $moment): float
    {
        $across = $moment->people->going->across();

        return rad2deg(atan((abs($across) < 0.1 ? Movement::Dance->speed() : $across) * self::ALONG_SECONDS / $moment->scene->distance));
    }
}
