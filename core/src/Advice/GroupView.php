<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ProbedRoom;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Situation\Scene;
use Kaddle\Core\Solve\Solution;

/**
 * How the light, the depth and the frame serve a whole group, and not only its first face.
 *
 * @see docs/physics.md, “Groups”
 */
final readonly class GroupView
{
    /** Stops by which a face may get less flash than the first before it is told with what would help. */
    public const EVEN = 1.0 / 3.0;

    /** How much wider than the group the frame should be (judgement). */
    private const MARGIN = 1.1;

    /** m by which somebody steps back to look for more even light. */
    private const STEP = 1.0;

    /** lx·s that stand for no light at all: ratios stay numbers. */
    private const DARK = 1e-9;

    /** m between a face and a wall at the least. */
    private const CLEAR = 0.06;

    /**
     * @param array<string, Stops> $falls flash there against the first face, by GroupPlace; empty for a flash that is off
     * @param array{HeadAim, Stops}|null $evener
     */
    private function __construct(
        public Moment $moment,
        public array $falls,
        /** From where all of them are in the frame. */
        public Length $fitsFrom,
        /** The widest opening that holds all rows sharp; null where none does. */
        public ?Aperture $holding,
        /** Whether the aperture in use does. */
        public bool $isSharp,
        /** Of the frame that is people, 0 to 1. */
        public float $share,
        /** Flash that is lost where they fit, or a metre back where they do already; null where the room ends before, and for a flash that is off. */
        public ?Stops $stepBack,
        /** The way that lights them most evenly, and the worst fall with it; null where that in use is even enough or none is better. */
        public ?array $evener,
    ) {}

    /** Nothing for one person. */
    public static function of(Solution $solution): ?self
    {
        $moment = $solution->moment;
        $people = $moment->people;
        if (!$people->isGroup()) {
            return null;
        }
        $aim = $solution->best->isOff() ? null : $solution->best->light->aim;
        $room = FlashInRoom::of($moment->scene->room);
        $faces = $aim === null ? null : $room->at(self::probes($moment));
        $lux = $faces === null ? [] : self::luxSeconds($faces, $moment, $aim);
        $falls = self::fallsOf($lux);
        $fitsFrom = $people->across() * self::MARGIN * $moment->optics->metres() / $moment->optics->frameWidth();
        $holding = $moment->openingForGroup();
        $back = $moment->scene->tryAt($fitsFrom > $moment->scene->distance ? $fitsFrom : $moment->scene->distance + self::STEP);

        return new self(
            $moment,
            $falls,
            Length::ofMetres($fitsFrom),
            $holding,
            $holding !== null && $solution->best->choice->settings->aperture->av->thirtieths >= $holding->av->thirtieths,
            $people->shareOfFrame($moment->optics, $moment->scene->distance),
            $aim === null || $back === null ? null : Stops::ofRatio($lux[GroupPlace::FrontMiddle->value] / self::onFirst($room, $moment, $back, $aim)),
            $faces === null || self::worst($falls)->value >= -self::EVEN ? null : self::evener($solution, $faces, $falls),
        );
    }

    public function fits(): bool
    {
        return $this->fitsFrom->metres <= $this->moment->scene->distance;
    }

    /**
     * The most that any face gets less than the first; 0 where none does.
     *
     * @param array<string, Stops> $falls
     */
    public static function worst(array $falls): Stops
    {
        return Stops::of(min(0.0, ...array_map(static fn(Stops $fall): float => $fall->value, array_values($falls))));
    }

    /**
     * @param array<string, Stops> $falls as the head points now
     *
     * @return array{HeadAim, Stops}|null
     */
    private static function evener(Solution $solution, ProbedRoom $faces, array $falls): ?array
    {
        $best = null;
        $least = self::worst($falls)->value + self::EVEN / 2.0;
        foreach ($solution->candidates as $way) {
            if ($way === $solution->best || $way->tooWeak() > 0.0) {
                continue;
            }
            $fall = self::worst(self::fallsOf(self::luxSeconds($faces, $solution->moment, $way->light->aim)));
            if ($fall->value > $least) {
                [$best, $least] = [[$way->light->aim, $fall], $fall->value];
            }
        }

        return $best;
    }

    /** @return array<string, float> of a full pop on each face */
    private static function luxSeconds(ProbedRoom $faces, Moment $moment, HeadAim $aim): array
    {
        return array_map(
            static fn(Exposure $exposure): float => max(self::DARK, $exposure->total()->luminance()),
            $faces->exposures($moment->head($moment->scene, $aim)),
        );
    }

    /**
     * @param array<string, float> $lux on each face; of none for a flash that is off
     *
     * @return array<string, Stops> by GroupPlace, those that there are
     */
    private static function fallsOf(array $lux): array
    {
        $first = $lux[GroupPlace::FrontMiddle->value] ?? self::DARK;
        $falls = [];
        foreach (GroupPlace::cases() as $place) {
            $sides = array_intersect_key($lux, array_flip([$place->value, "$place->value right"]));
            if ($sides !== []) {
                $falls[$place->value] = Stops::ofRatio(min($sides) / $first);
            }
        }

        return $falls;
    }

    private static function onFirst(FlashInRoom $room, Moment $moment, Scene $scene, HeadAim $aim): float
    {
        return max(self::DARK, $room->at(['face' => $scene->faceProbe()])->exposures($moment->head($scene, $aim))['face']->total()->luminance());
    }

    /** @return non-empty-array<string, Probe> faces towards the camera */
    private static function probes(Moment $moment): array
    {
        $scene = $moment->scene;
        $people = $moment->people;
        $side = min($people->across() / 2.0, $scene->room->width / 2.0 - self::CLEAR);
        $back = min($people->depth, $scene->spaceBehind() - self::CLEAR);
        $at = static fn(float $x, float $y): Probe => Probe::at(
            Vector::of($scene->face->x + $x, $scene->face->y + $y, $scene->face->z),
            Direction::along(Vector::of(-1.0, 0.0, 0.0)),
        );
        $ends = static fn(GroupPlace $place, float $x): array => [$place->value => $at($x, $side), "$place->value right" => $at($x, -$side)];

        return [
            GroupPlace::FrontMiddle->value => $at(0.0, 0.0),
            ...($side > 0.3 ? $ends(GroupPlace::FrontEnd, 0.0) : []),
            ...($back > 0.0 ? [GroupPlace::BackMiddle->value => $at($back, 0.0)] : []),
            ...($back > 0.0 && $side > 0.3 ? $ends(GroupPlace::BackEnd, $back) : []),
        ];
    }
}
