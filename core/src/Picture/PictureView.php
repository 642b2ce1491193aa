<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\LitSurfaces;
use Kaddle\Core\Meter\FrameLight;
use Kaddle\Core\Motion\BackdropLamp;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\People;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Solution;

/**
 * Start here for the picture that a solved moment gives: what stands where in it, and the light of room and flash on it as two layers, each
 * over what its own level is told by, so that a click of a setting is one factor of each.
 *
 * @see docs/physics.md, “The picture to expect”
 */
final readonly class PictureView
{
    /** Figures that are drawn at the most. */
    private const MOST_FIGURES = 24;

    /** m from one guest behind to the next, and from table to table; how many of what stands there are drawn. */
    private const APART = 0.8;
    private const TABLES_APART = 2.2;

    /** Of that, how far they stand aside, so that nobody is right behind the face. */
    private const ASIDE = 0.3;
    private const GUESTS = 5;
    private const PLAYERS = 3;
    private const TABLES = 3;

    /** m that what stands behind keeps from the wall; height of flowers on a table, and of somebody’s face. */
    private const CLEAR = 0.3;
    private const FLOWERS = 0.9;
    private const STANDING = 1.6;

    /** m of a window, from the floor to its sill and to the ceiling, and its height at the most. */
    private const SILL = 0.9;
    private const LINTEL = 0.2;
    private const TALLEST = 2.4;

    /** m of wall between both windows, and share of the wall’s width that one may have. */
    private const POST = 0.3;
    private const WIDEST = 0.45;

    /**
     * @param list<Surface> $surfaces
     * @param list<SurfaceLight> $light on each of them
     * @param list<Figure> $figures the farthest first
     * @param list<Shiner> $shiners
     */
    private function __construct(
        public Solution $solution,
        public Camera $camera,
        public array $surfaces,
        public array $light,
        public array $figures,
        public array $shiners,
        /** m to what is focused on. */
        public float $focus,
        /** On the wall behind; null where nobody would see one. */
        public ?CastShadow $shadow,
        private ?LitSurfaces $lit,
    ) {}

    public static function of(Solution $solution, View $view, ?KnownSurfaces $known = null): self
    {
        $moment = $solution->moment;
        $scene = $moment->scene;
        $camera = Camera::of($moment, $view);
        $best = $solution->best;
        $head = $best->isOff() ? null : $moment->head($scene, $best->light->aim);
        $lit = $head === null ? null : FlashInRoom::of($scene->room)->lit($head);
        $surfaces = Surface::seenBy($camera, $scene->room);
        $figures = [...self::behind($moment, $lit), ...self::people($moment, $camera, $lit)];
        usort($figures, static fn(Figure $a, Figure $b): int => $camera->depthOf($b->at) <=> $camera->depthOf($a->at));

        return new self(
            $solution,
            $camera,
            $surfaces,
            array_map(static fn(Surface $s): SurfaceLight => SurfaceLight::on($s, $scene->room, $lit, $known), $surfaces),
            $figures,
            [...self::windows($moment), ...array_map(static fn(BackdropLamp $l): Shiner => self::lamp($moment, $l), $moment->drag->lamps)],
            $moment->focusForGroup()->metres,
            $lit === null ? null : CastShadow::of($scene, $head, $lit),
            $lit,
        );
    }

    /** Light of the flash over that on the face. */
    public function overFace(Rgb $light): Rgb
    {
        return $light->times(1.0 / max(1e-9, $this->solution->best->light->onFace()));
    }

    /**
     * Width of the blur at an aperture of f/1, in widths of the picture: over the f-number it is that of the aperture in use.
     *
     * Thin lens: f²·|d − s| / (d·(s − f)) on the frame.
     *
     * @param float $depth m from the lens, above 0
     */
    public function blur(float $depth): float
    {
        $f = $this->solution->moment->optics->metres();
        $width = $this->camera->aspect > 1.0 ? $this->solution->moment->optics->frameWidth() / $this->camera->aspect : $this->solution->moment->optics->frameWidth();

        return $f ** 2 * abs($depth - $this->focus) / ($depth * max(1e-3, $this->focus - $f)) / $width;
    }

    /** What the white balance makes of the room’s light. */
    public function roomTint(): Rgb
    {
        $colour = $this->solution->moment->roomColour;

        return $this->seen($colour === null ? null : LightColour::ofKelvin($colour));
    }

    /** The same of the bare head. */
    public function flashTint(): Rgb
    {
        [$flash, $best] = [$this->solution->moment->flash, $this->solution->best];

        return $this->seen(LightColour::ofKelvin($best->isOff() ? $flash->colour : $flash->colourAt($best->output)));
    }

    /** Of a light, as the body is set, at the same luminance. */
    public function seen(?LightColour $light): Rgb
    {
        $seen = $light === null ? Rgb::grey(1.0) : $light->light()->over($this->solution->moment->balance()->light());

        return $seen->times(1.0 / $seen->luminance());
    }

    /** What an open face shows over the room's own light: the sky, or the dark. */
    public function shineOf(Face $face): float
    {
        $moment = $this->solution->moment;
        $isOpen = $moment->scene->room->reflectance($face)->share->luminance() <= Finish::Open->reflectance()->share->luminance();

        return !$isOpen || $moment->outdoors === null ? 0.0 : 2.0 ** ($moment->outdoors->ev - $moment->glow->ev + FrameLight::SKY);
    }

    /** Of the flash at a place on a surface that looks so, over that on the face. */
    public function flashAt(Direction $normal, Vector $at): Rgb
    {
        return $this->lit === null ? Rgb::grey(0.0) : $this->overFace($this->lit->at(Probe::at($at, $normal)));
    }

    /**
     * Row by row, the first face in the middle of the first; those behind stand in the gaps.
     *
     * @return list<Figure>
     */
    private static function people(Moment $moment, Camera $camera, ?LitSurfaces $lit): array
    {
        [$people, $scene] = [$moment->people, $moment->scene];
        [$inRow, $apart] = [$people->inRow(), $people->apart()];
        $figures = [];
        for ($i = 0; $i < $people->count && count($figures) < self::MOST_FIGURES; ++$i) {
            $row = intdiv($i, $inRow);
            // Outwards from the middle, to the right and to the left in turn.
            $place = $i % $inRow;
            $aside = $apart * (intdiv($place + 1, 2) * ($place % 2 === 1 ? 1 : -1) + ($row % 2) / 2.0);
            $back = $people->rows > 1 ? $people->depth * $row / ($people->rows - 1) : 0.0;
            $at = Vector::of(min($scene->room->length - self::CLEAR / 2.0, $scene->face->x + $back), self::within($scene->face->y - $aside, $scene->room->width), $scene->face->z);
            $figures[] = Figure::at(FigureKind::Person, true, $i === 0, $at, $people->clothing->tone(), $moment->faceGlow->over->ratio(), $lit);
        }

        return $figures;
    }

    /** @return list<Figure> */
    private static function behind(Moment $moment, ?LitSurfaces $lit): array
    {
        [$people, $scene] = [$moment->people, $moment->scene];
        [$kind, $count, $height] = match ($people->behind) {
            Behind::Guests => [FigureKind::Person, self::GUESTS, self::STANDING],
            Behind::Band => [FigureKind::Person, self::PLAYERS, self::STANDING + 0.3],
            Behind::Decor => [FigureKind::Decor, self::TABLES, self::FLOWERS],
            Behind::Window, Behind::Wall, Behind::DarkHall => [FigureKind::Decor, 0, 0.0],
        };
        $x = $scene->face->x + $people->depth + $people->behind->distance();
        $figures = [];
        for ($i = 0; $i < $count && $x < $scene->room->length - self::CLEAR; ++$i) {
            $y = $scene->face->y + ($i - ($count - 1) / 2.0 + self::ASIDE) * ($kind === FigureKind::Person ? self::APART : self::TABLES_APART);
            if ($y > self::CLEAR && $y < $scene->room->width - self::CLEAR) {
                $at = Vector::of($x, $y, min($height, $scene->room->ceilingOver($x, $y) - Figure::CROWN - self::CLEAR / 2.0));
                $figures[] = Figure::at($kind, false, false, $at, $people->behind->tone(), 1.0, $lit);
            }
        }

        return $figures;
    }

    private static function within(float $y, float $width): float
    {
        return max(self::CLEAR / 2.0, min($width - self::CLEAR / 2.0, $y));
    }

    /** @return list<Shiner> on both sides of the people, as much of the picture as is said or usual */
    private static function windows(Moment $moment): array
    {
        [$people, $scene] = [$moment->people, $moment->scene];
        if ($people->behind !== Behind::Window) {
            return [];
        }
        $reach = $scene->room->length - $scene->camera->x;
        $height = max(0.3, min(self::TALLEST, $scene->room->height - self::SILL - self::LINTEL));
        $seen = $reach * $moment->optics->frameWidth() / $moment->optics->metres();
        $width = min(self::WIDEST * $scene->room->width, ($people->shining->share ?? Behind::Window->shiningShare()) * $seen * $seen / Camera::LONG / $height / 2.0);
        $level = $people->shining->level ?? ($moment->outdoors === null ? $moment->glow : self::brighter($moment->outdoors, FrameLight::SKY));

        return array_map(static fn(float $side): Shiner => new Shiner(
            'Window',
            Vector::of($scene->room->length, $scene->face->y + $side * ($width + self::POST) / 2.0, self::SILL + $height / 2.0),
            $width,
            $height,
            $level,
            Kelvin::of(6500.0),
        ), [1.0, -1.0]);
    }

    private static function brighter(ExposureValue $level, float $stops): ExposureValue
    {
        return ExposureValue::atIso100(ExposureValue::range()->nearest($level->ev + $stops));
    }

    private static function lamp(Moment $moment, BackdropLamp $lamp): Shiner
    {
        $camera = $moment->scene->camera;

        return new Shiner('Lamp', Vector::of($camera->x + $lamp->away, $camera->y - $lamp->across, $camera->z + $lamp->up), $lamp->size, null, $lamp->level, $lamp->colour);
    }
}
