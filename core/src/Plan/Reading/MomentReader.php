<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan\Reading;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\KaddleException;
use Kaddle\Core\Plan\Moment;
use Kaddle\Core\Plan\OutsideRoom;
use Kaddle\Core\Plan\Scene;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\Reflectance;

/**
 * Start here with data from outside: a moment document (schema/moment.schema.json) in, a Moment out.
 *
 * The page and the shell both come through here, so both refuse the same
 * things in the same sentences.
 */
final readonly class MomentReader
{
    public const VERSION = 1;

    /** A moment takes one or two kilobytes; whatever is larger is something else. */
    public const MOST_BYTES = 65_536;

    private function __construct(
        private Fields $document,
        private Faults $faults,
    ) {}

    /** @throws FaultyDocument */
    public static function fromJson(string $json): Moment
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw FaultyDocument::asAWhole(sprintf('The document is too long: %d bytes, at most %d.', strlen($json), self::MOST_BYTES));
        }
        try {
            $data = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw FaultyDocument::asAWhole("This is not JSON that can be read: {$e->getMessage()}.");
        }
        if (!is_array($data) || array_is_list($data)) {
            throw FaultyDocument::asAWhole('A moment must be a JSON object.');
        }

        return self::fromArray($data);
    }

    /**
     * @param array<array-key, mixed> $data a decoded moment document
     *
     * @throws FaultyDocument
     */
    public static function fromArray(array $data): Moment
    {
        $faults = new Faults();

        return (new self(Fields::ofDocument($data, $faults), $faults))->read();
    }

    private function read(): Moment
    {
        $this->document->allowOnly('version', 'room', 'camera', 'subject', 'glow', 'look', 'head', 'body', 'lens', 'flash');
        if (!$this->document->is('version', self::VERSION)) {
            $this->faults->add('version', sprintf('The version must be %d: this engine knows no other moment document.', self::VERSION));
        }
        $scene = $this->scene();
        $gear = new GearReader($this->document, $this->faults);
        $body = $gear->body();
        $lens = $gear->lens();
        $flash = $gear->flash();
        $glow = $this->glow($body->step ?? Step::Third);
        $look = $this->document->object('look');
        $look->allowOnly('roomUnder', 'aperture');
        $roomUnder = $look->number('roomUnder', 'wish for the room', Moment::roomUnderLimits());
        $working = $look->label('aperture', 'working aperture', static fn(string $label): Aperture => Aperture::fromLabel($label, $body->step ?? Step::Third));
        $aim = $this->document->has('head') ? $this->document->oneOf('head', 'head direction', HeadAim::class) : null;
        $this->faults->mustBeNone();
        assert($scene !== null && $glow !== null && $roomUnder !== null && $working !== null && $body !== null && $lens !== null && $flash !== null);

        return Moment::of($scene, $glow, $roomUnder, $working, $body, $lens, $flash, $aim);
    }

    private function scene(): ?Scene
    {
        $room = $this->room();
        $camera = $this->document->object('camera');
        $camera->allowOnly('fromBackWall', 'height');
        $fromBack = $camera->number('fromBackWall', 'camera’s distance from the wall behind it', Scene::fromBackWallLimits());
        $cameraHeight = $camera->number('height', 'camera height', Scene::heightLimits());
        $subject = $this->document->object('subject');
        $subject->allowOnly('distance', 'height');
        $distance = $subject->number('distance', 'subject distance', Scene::distanceLimits());
        $faceHeight = $subject->number('height', 'height of the face', Scene::heightLimits());
        if ($room === null || $fromBack === null || $cameraHeight === null || $distance === null || $faceHeight === null) {
            return null;
        }
        try {
            return Scene::of($room, $fromBack, $cameraHeight, $distance, $faceHeight);
        } catch (OutsideRoom $e) {
            $this->faults->add($e->field, $e->getMessage());

            return null;
        }
    }

    private function room(): ?BoxRoom
    {
        $room = $this->document->object('room');
        $room->allowOnly('length', 'width', 'height', 'finishes');
        $length = $room->number('length', 'room length', BoxRoom::sideLimits());
        $width = $room->number('width', 'room width', BoxRoom::sideLimits());
        $height = $room->number('height', 'ceiling height', BoxRoom::heightLimits());
        $finishes = $this->finishes($room->object('finishes'));
        if ($length === null || $width === null || $height === null || $finishes === null) {
            return null;
        }

        return BoxRoom::fromMetres($length, $width, $height, static fn(Face $f): Reflectance => $finishes[$f->value]->reflectance());
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

    private function glow(Step $step): ?ExposureValue
    {
        $glow = $this->document->object('glow');
        $glow->allowOnly('ev', 'metered');
        if ($glow->has('metered')) {
            if ($glow->has('ev')) {
                $glow->fault('ev', 'Give the glow either as EV or as a metered exposure, not both.');
            }

            return $this->metered($glow->object('metered'), $glow, $step);
        }
        $ev = $glow->number('ev', 'glow', ExposureValue::limits());

        return $ev === null ? null : ExposureValue::atIso100($ev);
    }

    private function metered(Fields $metered, Fields $glow, Step $step): ?ExposureValue
    {
        $metered->allowOnly('shutter', 'aperture', 'iso');
        $shutter = $metered->label('shutter', 'metered shutter time', static fn(string $l): Shutter => Shutter::fromLabel($l, $step));
        $aperture = $metered->label('aperture', 'metered aperture', static fn(string $l): Aperture => Aperture::fromLabel($l, $step));
        $iso = $metered->label('iso', 'metered ISO', static fn(string $l): Iso => Iso::fromLabel($l, $step));
        if ($shutter === null || $aperture === null || $iso === null) {
            return null;
        }
        try {
            return ExposureSettings::of($shutter, $aperture, $iso)->meteredGlow();
        } catch (KaddleException $e) {
            $glow->fault('metered', $e->getMessage());

            return null;
        }
    }
}
