<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan\Reading;

use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\Vector;

/**
 * Reads bare rooms with bare lights (tests/golden/README.md): no gear, no
 * people, coordinates and reflectances as they are. For checking the engine.
 */
final readonly class BounceReader
{
    /** A room takes two kilobytes; a file of some thousand is still a file for checking. */
    public const MOST_BYTES = 8_388_608;

    private const NAMES = ['ceiling' => 'ceiling', 'floor' => 'floor', 'back' => 'x0', 'far' => 'x1', 'right' => 'y0', 'left' => 'y1'];

    private function __construct(
        private Fields $document,
        private string $id,
    ) {}

    /**
     * @return list<BounceCase> one for an object, any number for an array of them
     *
     * @throws FaultyDocument
     */
    public static function fromJson(string $json): array
    {
        $data = Json::read($json, self::MOST_BYTES);
        $faults = new Faults();
        $isList = is_array($data) && array_is_list($data);
        $list = $isList ? $data : [$data];
        $cases = [];
        foreach ($list as $i => $item) {
            $fields = Fields::of(is_array($item) ? $item : [], $isList ? (string) $i : '', $faults);
            $cases[] = (new self($fields, self::idOf($item, $i)))->read();
        }
        $faults->mustBeNone();

        return array_values(array_filter($cases));
    }

    private static function idOf(mixed $item, int $index): string
    {
        return is_array($item) && is_string($item['id'] ?? null) ? $item['id'] : (string) $index;
    }

    private function read(): ?BounceCase
    {
        $room = $this->room($this->document->object('room'));
        $head = $this->head($this->document->object('flash'));
        $probes = $this->document->object('probes');
        $face = $this->probe($probes->object('face'));
        $background = $this->probe($probes->object('background'));
        if ($room === null || $head === null || $face === null || $background === null) {
            return null;
        }
        foreach (['flash.position' => $head->position, 'probes.face.point' => $face->point, 'probes.background.point' => $background->point] as $field => $point) {
            if (!$room->contains($point)) {
                $this->document->fault($field, 'The point lies outside the room.');
            }
        }

        return BounceCase::of($this->id, $room, $head, $face, $background);
    }

    private function room(Fields $fields): ?BoxRoom
    {
        $size = $fields->triple('size', 'room size', BoxRoom::sideLimits());
        $height = $size === null || BoxRoom::heightLimits()->contains($size[2]);
        if (!$height) {
            $fields->fault('size', sprintf('The ceiling height must be %s.', BoxRoom::heightLimits()->inWords()));
        }
        $reflectances = $this->reflectances($fields->object('reflectance'));

        return $size !== null && $height && $reflectances !== null
            ? BoxRoom::fromMetres($size[0], $size[1], $size[2], static fn(Face $f): Reflectance => $reflectances[$f->value])
            : null;
    }

    /** @return array<string, Reflectance>|null by face */
    private function reflectances(Fields $fields): ?array
    {
        $reflectances = [];
        foreach (Face::cases() as $face) {
            $triple = $fields->triple(self::NAMES[$face->value], "reflectance of the {$face->inWords()}", Reflectance::limits());
            if ($triple !== null) {
                $reflectances[$face->value] = Reflectance::of(...$triple);
            }
        }

        return count($reflectances) === count(Face::cases()) ? $reflectances : null;
    }

    private function head(Fields $fields): ?Head
    {
        $position = $fields->triple('position', 'position of the head', self::coordinates());
        $direction = $this->direction($fields, 'direction');
        $guideNumber = $fields->number('guideNumber', 'guide number', Beam::guideNumberLimits());
        $halfAngle = $fields->number('halfAngleDeg', 'half-angle of the beam', Beam::halfAngleLimits());

        return $position === null || $direction === null || $guideNumber === null || $halfAngle === null
            ? null
            : Head::at(Vector::of(...$position), $direction, Beam::fromGuideNumber($guideNumber, $halfAngle));
    }

    private function probe(Fields $fields): ?Probe
    {
        $point = $fields->triple('point', 'point', self::coordinates());
        $normal = $this->direction($fields, 'normal');

        return $point === null || $normal === null ? null : Probe::at(Vector::of(...$point), $normal);
    }

    private function direction(Fields $fields, string $name): ?Direction
    {
        $triple = $fields->triple($name, $name, Limits::between(-1e6, 1e6, '', 1.0));
        if ($triple !== null && Vector::of(...$triple)->length() < 1e-6) {
            $fields->fault($name, "The $name must have a length; 0, 0, 0 points nowhere.");

            return null;
        }

        return $triple === null ? null : Direction::along(Vector::of(...$triple));
    }

    private static function coordinates(): Limits
    {
        return Limits::between(0.0, 200.0, 'm', 0.1);
    }
}
