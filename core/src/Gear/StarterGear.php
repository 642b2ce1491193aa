<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

/** Plain gear of no particular maker to start from and adapt. All figures are those of a class of things. */
final class StarterGear
{
    private function __construct() {}

    /** @return list<array{PieceKind, array<string, mixed>}> what a new bag holds first */
    public static function all(): array
    {
        return [
            [
                PieceKind::Body,
                [
                    'name' => 'Full-frame body',
                    'step' => 'third',
                    'sync' => '1/200',
                    'baseIso' => '100',
                    'usableIso' => '6400',
                    'topIso' => '51200',
                    'stabiliser' => 0,
                    'crop' => 1,
                    'strictness' => 1,
                    'metering' => 'scene',
                ],
            ],
            [
                PieceKind::Body,
                [
                    'name' => 'Small-sensor body',
                    'step' => 'half',
                    'sync' => '1/180',
                    'baseIso' => '200',
                    'usableIso' => '3200',
                    'topIso' => '12800',
                    'stabiliser' => 1,
                    'crop' => 1.5,
                    'strictness' => 1,
                    'metering' => 'weighted',
                ],
            ],
            [
                PieceKind::Lens,
                [
                    'name' => 'Fast 35',
                    'openings' => [['focalLength' => 35, 'widest' => 'f/1.8']],
                    'narrowest' => 'f/16',
                    'closest' => 0.3,
                ],
            ],
            [
                PieceKind::Lens,
                [
                    'name' => 'Standard zoom',
                    'openings' => [
                        ['focalLength' => 24, 'widest' => 'f/2.8'],
                        ['focalLength' => 70, 'widest' => 'f/2.8'],
                    ],
                    'narrowest' => 'f/16',
                    'closest' => 0.4,
                ],
            ],
            [
                PieceKind::Lens,
                [
                    'name' => 'Portrait 85',
                    'openings' => [['focalLength' => 85, 'widest' => 'f/1.8']],
                    'narrowest' => 'f/16',
                    'closest' => 0.8,
                ],
            ],
            [PieceKind::Flash, self::fullSize()],
            [
                PieceKind::Flash,
                [
                    'name' => 'Pocket flash',
                    'zoom' => [['focalLength' => 28, 'guideNumber' => 14, 'coverage' => 66]],
                    'bounceZoom' => 28,
                    'lowestUnderFull' => 5,
                    'step' => 'whole',
                    'feeds' => [['battery' => 'nimh', 'fullSeconds' => 5.5, 'fullPops' => 120]],
                    'metered' => true,
                    'highSpeed' => false,
                    'rearCurtain' => true,
                    'wireless' => false,
                ],
            ],
            [PieceKind::Modifier, ['name' => 'Bounce card', 'kind' => 'card']],
            [PieceKind::Modifier, ['name' => 'Frosted dome', 'kind' => 'dome']],
            [PieceKind::Modifier, ['name' => 'Folding soft box', 'kind' => 'soft-box']],
            [PieceKind::Modifier, ['name' => 'Honeycomb', 'kind' => 'grid']],
            [PieceKind::Gel, ['name' => 'Full orange', 'shift' => 159, 'loss' => 0.65]],
            [PieceKind::Gel, ['name' => 'Half orange', 'shift' => 81, 'loss' => 0.5]],
            [PieceKind::Gel, ['name' => 'Quarter orange', 'shift' => 42, 'loss' => 0.3]],
            [PieceKind::Battery, ['name' => 'Charged cells', 'kind' => 'nimh', 'cells' => 12]],
        ];
    }

    /** @return array<string, mixed> */
    private static function fullSize(): array
    {
        return [
            'name' => 'Full-size flash',
            'zoom' => [
                ['focalLength' => 24, 'guideNumber' => 30, 'coverage' => 76],
                ['focalLength' => 35, 'guideNumber' => 36, 'coverage' => 62],
                ['focalLength' => 50, 'guideNumber' => 42, 'coverage' => 50],
                ['focalLength' => 70, 'guideNumber' => 50, 'coverage' => 38],
                ['focalLength' => 105, 'guideNumber' => 58, 'coverage' => 28],
            ],
            'bounceZoom' => 24,
            'lowestUnderFull' => 7,
            'step' => 'third',
            'feeds' => [
                ['battery' => 'alkaline', 'fullSeconds' => 4.5, 'fullPops' => 150],
                ['battery' => 'nimh', 'fullSeconds' => 2.6, 'fullPops' => 200],
                ['battery' => 'external', 'fullSeconds' => 1.2, 'fullPops' => 600],
            ],
            'durations' => [
                ['underFull' => 0, 'inverse' => 1000],
                ['underFull' => 2, 'inverse' => 2900],
                ['underFull' => 4, 'inverse' => 8500],
                ['underFull' => 7, 'inverse' => 20000],
            ],
            'metered' => true,
            'highSpeed' => true,
            'rearCurtain' => true,
            'wireless' => true,
        ];
    }
}
