<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Glow\Lamp;
use Kaddle\Core\Glow\LightReading;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Glow\ReadingKind;
use Kaddle\Core\Glow\RoomGlow;
use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Reading\LabelKind;
use Kaddle\Core\Reading\NumberKind;
use Kaddle\Core\Reading\PartKind;
use Kaddle\Core\Reading\PatternKind;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Reading\TextKind;
use Kaddle\Core\Reading\Words;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\PitchedRoof;
use Kaddle\Core\Room\RidgeWay;

/** A room of the place book: size, roof, finishes, windows, lamps, readings. */
final class RoomShape
{
    private const MOST_READINGS = 200;

    private function __construct() {}

    public static function shape(): Shape
    {
        $finishes = array_map(
            static fn(Face $face): Field => Field::needed($face->value, "finish of the {$face->inWords()}", Words::choice(Finish::cases())),
            Face::cases(),
        );

        return Shape::of(
            Field::needed('name', 'name', TextKind::line(80)),
            Field::needed('length', 'room length', NumberKind::within(BoxRoom::sideLimits()), 'Along your usual view.'),
            Field::needed('width', 'room width', NumberKind::within(BoxRoom::sideLimits())),
            Field::needed('height', 'ceiling height', NumberKind::within(BoxRoom::heightLimits()), 'To the eaves under a pitched roof.'),
            Field::optional('roof', 'pitched roof', PartKind::one(Shape::of(
                Field::needed('ridge', 'height of the ridge', NumberKind::within(PitchedRoof::ridgeLimits(BoxRoom::heightLimits()->min))),
                Field::needed('runs', 'way the ridge runs', Words::choice(RidgeWay::cases())),
            ))),
            Field::needed('finishes', 'finishes', PartKind::one(Shape::of(...$finishes))),
            Field::optional('windows', 'windows', PartKind::listOf(self::window(), 'window', 20)),
            Field::optional('lamps', 'lamps', PartKind::listOf(self::lamp(), 'group of lamps', 20)),
            Field::optional('readings', 'light readings', PartKind::listOf(self::reading(), 'reading', self::MOST_READINGS)),
        );
    }

    /**
     * The same with what only several fields together can get wrong.
     *
     * @return array<string, mixed> of use only when no fault was noted
     */
    public static function read(Fields $fields, Field ...$more): array
    {
        $room = self::shape()->with(...$more)->read($fields);
        $roof = $room['roof'] ?? null;
        $eaves = $room['height'] ?? null;
        if (is_array($roof) && is_float($roof['ridge'] ?? null) && is_float($eaves) && !PitchedRoof::ridgeLimits($eaves)->contains($roof['ridge'])) {
            $fields->fault('roof.ridge', sprintf('The ridge must be higher than the eaves: %s.', PitchedRoof::ridgeLimits($eaves)->inWords()));
        }
        foreach (self::list($room, 'readings') as $i => $reading) {
            try {
                self::evOf($reading);
            } catch (KaddleException $e) {
                $fields->fault("readings.$i", $e->getMessage());
            }
        }

        return $room;
    }

    /**
     * The light of a room that was read, in a place.
     *
     * @param array<string, mixed> $room
     */
    public static function glow(array $room, Place $place): RoomGlow
    {
        $share = 0.0;
        foreach (self::list($room, 'windows') as $window) {
            $share += self::number($window, 'share') / 100.0;
        }

        return RoomGlow::of($place, $share, self::lamps($room), self::readings($room, $place->zone));
    }

    /**
     * @param array<string, mixed> $room
     *
     * @return list<Lamp>
     */
    public static function lamps(array $room): array
    {
        return array_map(static fn(array $lamp): Lamp => Lamp::of(
            self::text($lamp, 'name'),
            self::number($lamp, 'lux'),
            self::number($lamp, 'kelvin'),
            array_map(
                static fn(array $s): array => [self::text($s, 'from'), self::number($s, 'level') / 100.0],
                self::list($lamp, 'states'),
            ),
        ), self::list($room, 'lamps'));
    }

    /**
     * @param array<string, mixed> $room
     *
     * @return list<LightReading>
     */
    public static function readings(array $room, \DateTimeZone $zone): array
    {
        return array_map(static fn(array $r): LightReading => LightReading::of(
            self::text($r, 'spot'),
            new \DateTimeImmutable(self::text($r, 'at'), $zone),
            self::evOf($r),
            ReadingKind::from(self::text($r, 'kind')),
        ), self::list($room, 'readings'));
    }

    private static function window(): Shape
    {
        return Shape::of(
            Field::needed('name', 'name', TextKind::line(60)),
            Field::needed('share', 'share of daylight', NumberKind::within(Limits::between(0.001, 100.0, '%', 0.1)), 'Of the light outdoors, what reaches the middle of the room: about 1 % in a hall with a few windows, 5 % under a glass front.'),
            Field::optional('wall', 'wall', Words::choice([Face::Back, Face::Far, Face::Left, Face::Right]), 'Where it is drawn.'),
        );
    }

    private static function lamp(): Shape
    {
        return Shape::of(
            Field::needed('name', 'name', TextKind::line(60)),
            Field::needed('lux', 'light full up', NumberKind::within(Lamp::luxLimits()), 'At the height of faces.'),
            Field::needed('kelvin', 'colour temperature', NumberKind::within(Lamp::kelvinLimits())),
            Field::optional('hangs', 'height of the lamps', NumberKind::within(BoxRoom::heightLimits()), 'Where they are drawn.'),
            Field::optional('states', 'dimmer states', PartKind::listOf(Shape::of(
                Field::needed('from', 'from', PatternKind::clock()),
                Field::needed('level', 'level', NumberKind::within(Limits::between(0.0, 100.0, '%', 5.0))),
            ), 'dimmer state', 24), 'Always full up without any.'),
        );
    }

    private static function reading(): Shape
    {
        return Shape::of(
            Field::needed('spot', 'spot', TextKind::line(60)),
            Field::needed('at', 'day and time', PatternKind::localTime()),
            Field::needed('kind', 'how it was measured', Words::choice(ReadingKind::cases())),
            Field::optional('lux', 'lx, from an incident meter', NumberKind::within(Limits::between(0.05, 120_000.0, 'lx', 1.0)))->when('kind', 'incident'),
            Field::optional('ev', 'EV, from a frame', NumberKind::within(ExposureValue::limits()))->when('kind', 'frame'),
            Field::optional('shutter', 'metered shutter', LabelKind::madeBy(static fn(string $l): Shutter => Shutter::fromLabel($l, Step::Third), '1/30'))->when('kind', 'metered'),
            Field::optional('aperture', 'metered aperture', LabelKind::madeBy(static fn(string $l): Aperture => Aperture::fromLabel($l, Step::Third), 'f/2.8'))->when('kind', 'metered'),
            Field::optional('iso', 'metered ISO', LabelKind::madeBy(static fn(string $l): Iso => Iso::fromLabel($l, Step::Third), '1600'))->when('kind', 'metered'),
        );
    }

    /**
     * @param array<array-key, mixed> $reading
     *
     * @throws IncompleteReading
     */
    private static function evOf(array $reading): ExposureValue
    {
        $label = static fn(string $name): string => is_scalar($reading[$name] ?? null) ? (string) $reading[$name] : throw IncompleteReading::metered();

        return match ($reading['kind'] ?? null) {
            'incident' => ExposureValue::atIso100(log((isset($reading['lux']) ? self::number($reading, 'lux') : throw IncompleteReading::incident()) / 2.5, 2)),
            'frame' => ExposureValue::atIso100(isset($reading['ev']) ? self::number($reading, 'ev') : throw IncompleteReading::frame()),
            default => ExposureSettings::of(
                Shutter::fromLabel($label('shutter'), Step::Third),
                Aperture::fromLabel($label('aperture'), Step::Third),
                Iso::fromLabel($label('iso'), Step::Third),
            )->meteredLevel(),
        };
    }

    /**
     * @param array<array-key, mixed> $of
     *
     * @return list<array<array-key, mixed>>
     */
    private static function list(array $of, string $name): array
    {
        $list = $of[$name] ?? [];

        return is_array($list) ? array_values(array_filter($list, is_array(...))) : [];
    }

    /** @param array<array-key, mixed> $of */
    private static function number(array $of, string $name): float
    {
        $value = $of[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }

    /** @param array<array-key, mixed> $of */
    private static function text(array $of, string $name): string
    {
        $value = $of[$name] ?? null;

        return is_string($value) ? $value : '';
    }
}
