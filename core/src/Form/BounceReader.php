<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Gear\OutfitReader;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Reading\Faults;
use Kaddle\Core\Reading\FaultyDocument;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Reading\Json;
use Kaddle\Core\Reading\JsonSize;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\Vector;

/**
 * Reads rooms with lights as they are (schema/bounce.schema.json): coordinates and
 * reflectances instead of people and finishes. For checking the engine.
 */
final readonly class BounceReader
{
    /** A room takes two kilobytes; a file of some thousand is still a file for checking. */
    public const MOST_BYTES = 8_388_608;

    private const MOST_VALUES = 400_000;

    private const MOST_FLASHES = 8;

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
        $data = Json::read($json, JsonSize::of(self::MOST_BYTES, self::MOST_VALUES));
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
        $probes = $this->document->object('probes');
        $face = $this->probe($probes->object('face'));
        $background = $this->probe($probes->object('background'));
        $heads = $this->heads($face);
        if ($room === null || $heads === [] || $face === null || $background === null) {
            return null;
        }
        foreach ($heads as $field => $head) {
            $this->mustLieIn($room, "$field.position", $head->position);
        }
        $this->mustLieIn($room, 'probes.face.point', $face->point);
        $this->mustLieIn($room, 'probes.background.point', $background->point);

        return BounceCase::of($this->id, $room, array_values($heads), $face, $background);
    }

    private function mustLieIn(BoxRoom $room, string $field, Vector $point): void
    {
        if (!$room->contains($point)) {
            $this->document->fault($field, 'The point lies outside the room.');
        }
    }

    /** @return array<string, Head> by field; none when any is faulty */
    private function heads(?Probe $face): array
    {
        $flashes = $this->document->isList('flash')
            ? $this->document->items('flash', 'flashes', self::MOST_FLASHES)
            : [$this->document->object('flash')];
        $heads = [];
        $complete = true;
        foreach ($flashes as $i => $flash) {
            $head = $this->head($flash, $face);
            if ($head === null) {
                $complete = false;
            } else {
                $heads[$this->document->isList('flash') ? "flash.$i" : 'flash'] = $head;
            }
        }

        return $complete ? $heads : [];
    }

    private function room(Fields $fields): ?BoxRoom
    {
        $size = $fields->triple('size', 'room size', BoxRoom::sideLimits());
        $height = $size === null || BoxRoom::heightLimits()->contains($size[2]);
        if (!$height) {
            $fields->fault('size', sprintf('The ceiling height must be %s.', BoxRoom::heightLimits()->inWords()));
        }
        $reflectances = $this->reflectances($fields->object('reflectance'));

        if ($size === null || !$height || $reflectances === null) {
            return null;
        }
        $roof = $fields->has('roof') ? SceneReader::roof($fields->object('roof'), $size[2]) : null;

        return $fields->has('roof') && $roof === null
            ? null
            : BoxRoom::fromMetres($size[0], $size[1], $size[2], static fn(Face $f): Reflectance => $reflectances[$f->value], $roof);
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

    /** @param Probe|null $face where a card sends its light: level towards it */
    private function head(Fields $fields, ?Probe $face): ?Head
    {
        $position = $fields->triple('position', 'position of the head', self::coordinates());
        $direction = $this->direction($fields, 'direction');
        $guideNumber = $fields->number('guideNumber', 'guide number', Beam::guideNumberLimits());
        $halfAngle = $fields->number('halfAngleDeg', 'half-angle of the beam', Beam::halfAngleLimits());

        $beam = $guideNumber === null || $halfAngle === null ? null : Beam::fromGuideNumber($guideNumber, $halfAngle);
        $outfit = OutfitReader::outfit($fields, $beam);

        return $position === null || $direction === null || $beam === null || $outfit === null || $face === null
            ? null
            : Head::dressed(Vector::of(...$position), $direction, $beam, $outfit, self::forward(Vector::of(...$position), $face));
    }

    /** Level from a head to the face; against the face's normal where it hangs right over it. */
    private static function forward(Vector $position, Probe $face): Direction
    {
        $way = $face->point->minus($position);
        $level = Vector::of($way->x, $way->y, 0.0);

        return $level->length() < 1e-3 ? $face->normal->opposite() : Direction::along($level);
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
