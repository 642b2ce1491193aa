<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Reading\Faults;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\PitchedRoof;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Situation\OutsideRoom;
use Kaddle\Core\Situation\Scene;

/** @internal room, camera and subject in a moment document */
final readonly class SceneReader
{
    public function __construct(
        private Fields $document,
        private Faults $faults,
    ) {}

    /** @return array{Scene, array<string, Finish>}|null the scene, and the finishes by face */
    public function scene(): ?array
    {
        $room = $this->document->object('room');
        $room->allowOnly('length', 'width', 'height', 'roof', 'finishes');
        $finishes = $this->finishes($room->object('finishes'));
        $box = $this->box($room, $finishes);
        $camera = $this->document->object('camera');
        $camera->allowOnly('fromBackWall', 'height');
        $fromBack = $camera->number('fromBackWall', 'camera’s distance from the wall behind it', Scene::fromBackWallLimits());
        $cameraHeight = $camera->number('height', 'camera height', Scene::heightLimits());
        $subject = $this->document->object('subject');
        $subject->allowOnly('distance', 'height');
        $distance = $subject->number('distance', 'subject distance', Scene::distanceLimits());
        $faceHeight = $subject->number('height', 'height of the face', Scene::heightLimits());
        if ($box === null || $finishes === null || $fromBack === null || $cameraHeight === null || $distance === null || $faceHeight === null) {
            return null;
        }
        try {
            return [Scene::of($box, $fromBack, $cameraHeight, $distance, $faceHeight), $finishes];
        } catch (OutsideRoom $e) {
            $this->faults->add($e->field, $e->getMessage());

            return null;
        }
    }

    /** @param array<string, Finish>|null $finishes */
    private function box(Fields $room, ?array $finishes): ?BoxRoom
    {
        $length = $room->number('length', 'room length', BoxRoom::sideLimits());
        $width = $room->number('width', 'room width', BoxRoom::sideLimits());
        $height = $room->number('height', 'ceiling height', BoxRoom::heightLimits());
        if ($length === null || $width === null || $height === null || $finishes === null) {
            return null;
        }
        $roof = $room->has('roof') ? self::roof($room->object('roof'), $height) : null;

        return $room->has('roof') && $roof === null
            ? null
            : BoxRoom::fromMetres($length, $width, $height, static fn(Face $f): Reflectance => $finishes[$f->value]->reflectance(), $roof);
    }

    public static function roof(Fields $fields, float $eaves): ?PitchedRoof
    {
        $fields->allowOnly('ridge', 'runs');
        $ridge = $fields->number('ridge', 'height of the ridge', PitchedRoof::ridgeLimits($eaves));
        $way = $fields->oneOf('runs', 'way the ridge runs', RidgeWay::class);

        return $ridge === null || $way === null ? null : PitchedRoof::over($eaves, $ridge, $way);
    }

    /** @return array<string, Finish>|null by face */
    private function finishes(Fields $fields): ?array
    {
        $fields->allowOnly(...array_map(static fn(Face $f): string => $f->value, Face::cases()));
        $finishes = [];
        foreach (Face::cases() as $face) {
            $finish = $fields->oneOf($face->value, "finish of the {$face->inWords()}", Finish::class);
            if ($finish !== null) {
                $finishes[$face->value] = $finish;
            }
        }

        return count($finishes) === count(Face::cases()) ? $finishes : null;
    }
}
