<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\People\People;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Vector;

/**
 * Places of a picture that have a name: people, what stands behind them, the room about them, and where the corners and edges of the
 * picture look. Those that something stands before, or that lie outside of it, are left out.
 *
 * @see docs/physics.md, “The picture to expect”
 */
final readonly class SpotFinder
{
    /** Where the picture looks there: shares of half its width and half its height. */
    private const AIMED = [
        'Upper left' => [-0.9, 0.9], 'Top' => [0.0, 0.94], 'Upper right' => [0.9, 0.9],
        'Left of the middle' => [-0.5, 0.45], 'Right of the middle' => [0.5, 0.45],
        'Left edge' => [-0.94, 0.2], 'Right edge' => [0.94, 0.2],
        'Lower left' => [-0.9, -0.8], 'Lower right' => [0.9, -0.8],
    ];

    /** Where it looks too, if people and things leave fewer places than wished. */
    private const MORE = [
        'High at the left edge' => [-0.94, 0.6], 'High at the right edge' => [0.94, 0.6],
        'Top, towards the left' => [-0.45, 0.92], 'Top, towards the right' => [0.45, 0.92],
        'Low at the left edge' => [-0.94, -0.35], 'Low at the right edge' => [0.94, -0.35],
        'Below, towards the left' => [-0.5, -0.92], 'Below, towards the right' => [0.5, -0.92],
    ];
    private const WISHED = 12;

    /** m under the face to the middle of the chest. */
    private const CHEST = 0.45;

    /** m that a place keeps from the outline of what stands before it. */
    private const CLEAR = 0.1;

    private function __construct(
        private PictureView $picture,
    ) {}

    /** @return list<NamedSpot> */
    public static function all(PictureView $picture): array
    {
        $finder = new self($picture);
        $spots = array_values(array_filter(
            [...$finder->people(), ...$finder->room(), ...$finder->aimed(self::AIMED), ...$finder->shiners()],
            static function (NamedSpot $spot) use ($picture): bool {
                $point = $picture->camera->project($spot->at);

                return $point !== null && $picture->camera->shows($point);
            },
        ));

        return count($spots) >= self::WISHED ? $spots : [...$spots, ...array_slice($finder->aimed(self::MORE), 0, self::WISHED - count($spots))];
    }

    /** @return list<NamedSpot> faces and clothes, the first row’s middle first */
    private function people(): array
    {
        $face = $this->picture->solution->moment->scene->face;
        $group = array_values(array_filter($this->picture->figures, static fn(Figure $f): bool => $f->isOfGroup));
        $behind = array_values(array_filter($this->picture->figures, static fn(Figure $f): bool => !$f->isOfGroup));
        $front = array_values(array_filter($group, static fn(Figure $f): bool => $f->at->x === $face->x));
        usort($front, static fn(Figure $a, Figure $b): int => $b->at->y <=> $a->at->y);
        $worn = $this->subject($group);
        $spots = [$this->skin('Face', $face, $worn)];
        foreach (['Face at the left end' => $front[0] ?? $worn, 'Face at the right end' => $front[count($front) - 1] ?? $worn] as $name => $end) {
            if (!$end->isSubject) {
                $spots[] = $this->skin($name, $end->at, $end);
            }
        }
        $last = array_filter($group, static fn(Figure $f): bool => $f->at->x > $face->x && $f->at->x === $group[0]->at->x); // the farthest come first
        usort($last, static fn(Figure $a, Figure $b): int => abs($a->at->y - $face->y) <=> abs($b->at->y - $face->y));
        foreach ($last as $figure) {
            if (!$this->isCovered($figure->at)) {
                $spots[] = $this->skin('Face in the last row', $figure->at, $figure);
                break;
            }
        }
        $spots[] = $this->spot('Clothes', $face->plus(Vector::of(0.0, 0.0, -self::CHEST)), $worn->cloth * $worn->room, $worn->cloth, $worn->front);
        foreach (array_slice($behind, 0, 1) as $figure) {
            $spots[] = $figure->kind === FigureKind::Person
                ? $this->skin('Face behind them', $figure->at, $figure)
                : $this->spot('Decoration behind', $figure->at, $figure->cloth * $figure->room, $figure->cloth, $figure->front);
        }

        return array_values(array_filter($spots, fn(NamedSpot $s): bool => !$this->isCovered($s->at)));
    }

    /** @return list<NamedSpot> what lies around the people, whether or not they stand before it */
    private function room(): array
    {
        $scene = $this->picture->solution->moment->scene;
        [$x, $y] = [$scene->face->x, $scene->face->y];

        return [
            $this->surface('Wall behind', Face::Far, Vector::of($scene->room->length, $y, $scene->face->z)),
            $this->surface('Ceiling over them', Face::Ceiling, Vector::of($x, $y, $scene->room->ceilingOver($x, $y))),
            $this->surface('Floor before them', Face::Floor, Vector::of(max($scene->camera->x, $x - 0.5), $y, 0.0)),
        ];
    }

    /**
     * @param array<string, array{float, float}> $aims shares of half the picture's width and height, by name
     *
     * @return list<NamedSpot>
     */
    private function aimed(array $aims): array
    {
        $camera = $this->picture->camera;
        $spots = [];
        foreach ($aims as $name => [$across, $up]) {
            $way = $camera->wayTo($across, $up);
            [$reach, $hit] = [INF, null];
            foreach ($this->picture->surfaces as $surface) {
                $away = $surface->reach($camera->at, $way);
                if ($away !== null && $away < $reach) {
                    [$reach, $hit] = [$away, $surface];
                }
            }
            if ($hit !== null && !$this->isCovered($at = $camera->at->plus($way->times($reach)))) {
                $spots[] = $this->surface("$name: {$hit->face->inWords()}", $hit->face, $at, $hit);
            }
        }

        return $spots;
    }

    /** @return list<NamedSpot> */
    private function shiners(): array
    {
        $glow = $this->picture->solution->moment->glow;

        return array_map(
            static fn(Shiner $s): NamedSpot => new NamedSpot($s->name, $s->at, 2.0 ** ($s->level->ev - $glow->ev), 0.0),
            $this->picture->shiners,
        );
    }

    private function skin(string $name, Vector $at, Figure $figure): NamedSpot
    {
        return $this->spot($name, $at, Figure::FACE * $figure->room, Figure::FACE, $figure->front);
    }

    private function spot(string $name, Vector $at, float $room, float $tone, Rgb $light): NamedSpot
    {
        return new NamedSpot($name, $at, $room, $tone * $this->picture->overFace($light)->through($this->picture->flashTint())->luminance());
    }

    private function surface(string $name, Face $face, Vector $at, ?Surface $surface = null): NamedSpot
    {
        $picture = $this->picture;
        $tone = $picture->solution->moment->scene->room->reflectance($face)->share->times(1.0 / People::MID_GREY);
        $shows = $tone->plus(Rgb::grey($picture->shineOf($face)));
        $light = $picture->flashAt($surface->normal ?? $face->inward(), $at);

        return new NamedSpot($name, $at, $shows->through($picture->roomTint())->luminance(), $tone->through($light)->through($picture->flashTint())->luminance());
    }

    /** @param list<Figure> $group */
    private function subject(array $group): Figure
    {
        foreach ($group as $figure) {
            if ($figure->isSubject) {
                return $figure;
            }
        }

        throw new \LogicException('a group without its first face');
    }

    /** Whether something stands before a place, or close to its sight. */
    private function isCovered(Vector $place): bool
    {
        $camera = $this->picture->camera;
        $depth = $camera->depthOf($place);
        foreach ($this->picture->figures as $figure) {
            $its = $camera->depthOf($figure->at);
            if ($its < $depth - self::CLEAR && $its > 0.0) {
                $sight = $camera->at->plus($place->minus($camera->at)->times($its / $depth));
                $aside = abs($sight->minus($figure->at)->dot($camera->right));
                $over = $sight->z - $figure->at->z - self::CLEAR;
                if ($aside < $figure->kind->reach($over) + self::CLEAR && $over < Figure::CROWN) {
                    return true;
                }
            }
        }
        foreach ($this->picture->shiners as $shiner) {
            $its = $camera->depthOf($shiner->at);
            if ($its <= $depth + self::CLEAR && $its > 0.0) {
                $off = $camera->at->plus($place->minus($camera->at)->times($its / $depth))->minus($shiner->at);
                if (abs($off->dot($camera->right)) < $shiner->width / 2.0 + 3.0 * self::CLEAR && abs($off->z) < ($shiner->height ?? $shiner->width) / 2.0 + 3.0 * self::CLEAR) {
                    return true;
                }
            }
        }

        return false;
    }
}
