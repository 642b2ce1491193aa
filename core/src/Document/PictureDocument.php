<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Picture\DarkBar;
use Kaddle\Core\Picture\Figure;
use Kaddle\Core\Picture\Grain;
use Kaddle\Core\Picture\KnownSurfaces;
use Kaddle\Core\Picture\NamedSpot;
use Kaddle\Core\Picture\PictureView;
use Kaddle\Core\Picture\Shiner;
use Kaddle\Core\Picture\SpotFinder;
use Kaddle\Core\Picture\ToneCurve;
use Kaddle\Core\Picture\View;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\PictureWords;
use Kaddle\Core\Words\Voice;

/**
 * The picture to expect, as geometry and light. The light of room and flash are two layers: a pixel is the layer of the room at the
 * level of the room plus the layer of the flash at that of the flash on the face.
 */
final readonly class PictureDocument
{
    /** 2: the flash all over a surface is counted in whole numbers. */
    public const VERSION = 2;

    /**
     * @param list<float> $eye
     * @param list<float> $forward
     * @param list<float> $right
     * @param list<float> $up
     * @param list<PictureSurfaceDocument> $surfaces
     * @param list<PictureFigureDocument> $figures
     * @param list<PictureShinerDocument> $shiners
     * @param list<float> $outlineAcross
     * @param list<float> $outlineUp
     * @param list<float> $roomTint
     * @param list<float> $flashTint
     * @param list<PictureSpotDocument> $spots
     * @param list<float> $tones
     * @param list<DarkBarDocument> $bars
     * @param list<string> $sentences
     */
    private function __construct(
        public int $version,
        /** The lens: m along the room, from its right wall, and over the floor. @var list<float> */
        public array $eye,
        /** Where it looks, of length 1. @var list<float> */
        public array $forward,
        /** What lies to the right in the picture. @var list<float> */
        public array $right,
        /** What lies upwards in it. @var list<float> */
        public array $up,
        /** Half the picture’s width over the distance. */
        public float $half,
        /** Height of the picture over its width. */
        public float $aspect,
        /** @var list<PictureSurfaceDocument> */
        public array $surfaces,
        /** Cut-outs, the farthest first. @var list<PictureFigureDocument> */
        public array $figures,
        /** @var list<PictureShinerDocument> */
        public array $shiners,
        /** Half a cut-out of a person, m to the right of the face, from the crown down. @var list<float> */
        public array $outlineAcross,
        /** The same upwards. @var list<float> */
        public array $outlineUp,
        /** What the white balance makes of the room’s light: red, green, blue. @var list<float> */
        public array $roomTint,
        /** Of the light of the bare head. @var list<float> */
        public array $flashTint,
        /** @var list<PictureSpotDocument> */
        public array $spots,
        /** Codes 0 to 255 of the tone curve for light that grows by the square from none to $brightest. @var list<float> */
        public array $tones,
        /** Lightest that it knows, over mid-grey. */
        public float $brightest,
        /** f-number that the disc of blur at f/1 is divided by. */
        public float $fNumber,
        /** Null where no shadow on the wall behind can be seen. */
        public ?CastShadowDocument $shadow,
        public GrainDocument $grain,
        /** What would stay dark at shutters over sync speed, slowest first; empty for a flash that pulses or is off. @var list<DarkBarDocument> */
        public array $bars,
        /** The picture as its spots tell it, for whoever does not see it. @var list<string> */
        public array $sentences,
    ) {}

    public static function of(Solution $solution, View $view, Voice $voice, ?KnownSurfaces $known = null): self
    {
        $picture = PictureView::of($solution, $view, $known);
        $camera = $picture->camera;
        $spots = SpotFinder::all($picture);
        $surfaces = [];
        foreach ($picture->surfaces as $i => $surface) {
            $surfaces[] = PictureSurfaceDocument::of($surface, $picture->light[$i], $picture);
        }

        return new self(
            self::VERSION,
            self::place($camera->at),
            self::place($camera->forward),
            self::place($camera->right),
            self::place($camera->up),
            round($camera->half, 5),
            round($camera->aspect, 5),
            $surfaces,
            array_map(static fn(Figure $f): PictureFigureDocument => PictureFigureDocument::of($f, $picture), $picture->figures),
            array_map(static fn(Shiner $s): PictureShinerDocument => PictureShinerDocument::of($s, $picture), $picture->shiners),
            array_column(FigureDocument::HALF, 0),
            array_column(FigureDocument::HALF, 1),
            self::light($picture->roomTint()),
            self::light($picture->flashTint()),
            array_map(static fn(NamedSpot $s): PictureSpotDocument => PictureSpotDocument::of($s, $picture), $spots),
            ToneCurve::table(),
            ToneCurve::MOST,
            $solution->best->choice->settings->aperture->fNumber(),
            $picture->shadow === null ? null : CastShadowDocument::of($picture->shadow),
            GrainDocument::of(Grain::of($solution->moment, $solution->best->choice->settings->iso)),
            $solution->best->isOff() ? [] : array_map(static fn(DarkBar $b): DarkBarDocument => DarkBarDocument::of($b, $view), DarkBar::all($solution->moment)),
            PictureWords::of($picture, $spots, $voice),
        );
    }

    /** @return list<float> m, or parts of a direction */
    public static function place(Vector $place): array
    {
        return array_map(static fn(float $part): float => round($part, 5), $place->byAxis());
    }

    /** @return list<float> */
    public static function light(Rgb $light): array
    {
        return array_map(static fn(float $band): float => (float) sprintf('%.4g', $band), [$light->r, $light->g, $light->b]);
    }
}
