<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

/**
 * A look of a long exposure that somebody asks for.
 *
 * @phpstan-all-methods-pure
 */
enum AskKind: string
{
    /** Lamps drawn by the camera, the face clean. */
    case LampTrails = 'lamp-trails';
    case TrailBehind = 'trail-behind';
    case CrowdAway = 'crowd-away';
    case Silhouette = 'silhouette';
    case GlowBehind = 'glow-behind';

    public function inWords(): string
    {
        return match ($this) {
            self::LampTrails => 'lamps drawn by the camera, face clean',
            self::TrailBehind => 'a trail behind them',
            self::CrowdAway => 'crowd washed away, couple sharp',
            self::Silhouette => 'silhouette',
            self::GlowBehind => 'glow from behind',
        };
    }

    /** Whether the flash stays off. */
    public function isWithoutFlash(): bool
    {
        return $this === self::CrowdAway || $this === self::Silhouette;
    }
}
