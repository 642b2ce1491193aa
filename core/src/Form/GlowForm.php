<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\SettingKinds;
use Kaddle\Core\Glow\Compass;
use Kaddle\Core\Glow\Lamp;
use Kaddle\Core\Glow\LightReading;
use Kaddle\Core\Glow\Openings;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Glow\ReadingKind;
use Kaddle\Core\Glow\ReadingOf;
use Kaddle\Core\Glow\RoomGlow;
use Kaddle\Core\Glow\Window;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\PatternKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Intake\TextKind;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Illuminance;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Radiosity\Patches;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;

/** What lights a room of the place book: windows, lamps, and readings that were taken. */
final class GlowForm
{
    private const MOST_READINGS = 200;
    private const MOST_LIGHTS = 20;

    /** m over the floor at which the sky is looked at. */
    private const EYES = 1.6;

    private function __construct() {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::optional('windows', 'windows', PartKind::listOf(self::window(), 'window', self::MOST_LIGHTS)),
            Field::optional('lamps', 'lamps', PartKind::listOf(self::lamp(), 'group of lamps', self::MOST_LIGHTS)),
            Field::optional(
                'readings',
                'light readings',
                PartKind::listOf(self::reading(), 'reading', self::MOST_READINGS),
            ),
        ];
    }

    /** The light of a room of the place book. */
    public static function glow(Record $room, Place $place): RoomGlow
    {
        return RoomGlow::of(
            $place,
            Openings::of(self::windows($room), self::sky($room)),
            self::lamps($room),
            self::readings($room, $place->zone),
        );
    }

    /** @return list<Window> */
    public static function windows(Record $room): array
    {
        return array_map(static fn(Record $w): Window => Window::ofPercent(
            $w->number('share'),
            $w->has('faces') ? $w->choice('faces', Compass::class) : null,
        ), $room->records('windows'));
    }

    /** Share of the sky that somebody in the middle of a room sees over and between its walls, 0 to 1. */
    private static function sky(Record $room): float
    {
        $open = array_keys(array_filter(RoomForm::finishes($room), static fn(Finish $f): bool => $f === Finish::Open));
        if (!RoomForm::isOpenAbove($room)) {
            return 0.0;
        }
        $box = RoomForm::boxRoom($room);
        $patches = Patches::of($box);
        $seen = $patches->seenBy(Probe::at(
            Vector::of($box->length / 2.0, $box->width / 2.0, min(self::EYES, $box->height / 2.0)),
            Direction::up(),
        ));
        $sky = 0.0;
        foreach ($patches->all as $i => $patch) {
            $sky += in_array($patch->face->value, $open, true) ? $seen[$i] : 0.0;
        }

        return min(1.0, $sky);
    }

    /** @return list<Lamp> */
    public static function lamps(Record $room): array
    {
        return array_map(static fn(Record $lamp): Lamp => Lamp::of(
            $lamp->text('name'),
            Illuminance::ofLux($lamp->number('lux')),
            Kelvin::of($lamp->number('kelvin')),
            array_map(
                static fn(Record $s): array => [$s->text('from'), $s->number('level') / 100.0],
                $lamp->records('states'),
            ),
            $lamp->flag('filament'),
        ), $room->records('lamps'));
    }

    /** @return list<LightReading> */
    public static function readings(Record $room, \DateTimeZone $zone): array
    {
        return array_map(static fn(Record $r): LightReading => LightReading::of(
            $r->text('spot'),
            new \DateTimeImmutable($r->text('at'), $zone),
            self::level($r),
            $r->choice('kind', ReadingKind::class),
            $r->choice('of', ReadingOf::class),
        ), $room->records('readings'));
    }

    private static function window(): Shape
    {
        return Shape::of(
            Field::needed('name', 'name', TextKind::line(60)),
            Field::needed(
                'share',
                'share of daylight',
                NumberKind::within(Window::percentRange()),
                'Of the light outdoors, what reaches the middle of the room under a grey sky: about 1 % in a hall with a few windows, 5 % under a glass front.',
            ),
            Field::optional(
                'faces',
                'way it faces',
                ChoiceKind::among(Compass::cases()),
                'With it a clear sky and the sun count from where they stand; without it every side of the house is alike.',
            ),
            Field::optional(
                'wall',
                'wall',
                ChoiceKind::among([Face::Back, Face::Far, Face::Left, Face::Right]),
                'Where it is drawn.',
                Face::Left->value,
            ),
        );
    }

    private static function lamp(): Shape
    {
        return Shape::of(
            Field::needed('name', 'name', TextKind::line(60)),
            Field::needed('lux', 'light full up', NumberKind::within(Lamp::luxRange()), 'At the height of faces.'),
            Field::needed('kelvin', 'colour temperature', NumberKind::within(Lamp::kelvinRange())),
            Field::optional(
                'filament',
                'filament lamps',
                new FlagKind(),
                'They grow warmer as they are dimmed: at a quarter of the light by 67 mired. Candles and most diodes do not.',
                false,
            ),
            Field::optional(
                'hangs',
                'height of the lamps',
                NumberKind::within(BoxRoom::heightRange()),
                'Where they are drawn.',
            ),
            Field::optional('states', 'dimmer states', PartKind::listOf(Shape::of(
                Field::needed('from', 'from', PatternKind::clock()),
                Field::needed('level', 'level', NumberKind::within(Range::between(0.0, 100.0, '%', 5.0))),
            ), 'dimmer state', 24), 'Always full up without any.'),
        );
    }

    private static function reading(): Shape
    {
        return Shape::of(
            Field::needed('spot', 'spot', TextKind::line(60)),
            Field::needed('at', 'day and time', PatternKind::localTime()),
            Field::needed('kind', 'way it was measured', ChoiceKind::among(ReadingKind::cases())),
            Field::optional(
                'of',
                'what it was taken of',
                ChoiceKind::among(ReadingOf::cases()),
                'Light on people and brightness behind them, read at one spot, tell how the room lights a face there.',
                ReadingOf::Room->value,
            ),
            Field::optional(
                'lux',
                'reading of an incident meter',
                NumberKind::within(Range::between(0.05, 120_000.0, 'lx', 1.0)),
            )->when('kind', ReadingKind::Incident->value),
            Field::optional(
                'domeEv',
                'reading of a domed meter',
                NumberKind::within(ExposureValue::range()),
                'At ISO 100. Domes are set 0.4 stop darker than flat receptors; Kaddle sets it right.',
            )->when('kind', ReadingKind::Dome->value),
            Field::optional(
                'ev',
                'level in a frame',
                NumberKind::within(ExposureValue::range()),
            )->when('kind', ReadingKind::Frame->value),
            Field::optional(
                'shutter',
                'metered shutter',
                SettingKinds::shutter('1/30'),
            )->when('kind', ReadingKind::Metered->value),
            Field::optional(
                'aperture',
                'metered aperture',
                SettingKinds::aperture('f/2.8'),
            )->when('kind', ReadingKind::Metered->value),
            Field::optional('iso', 'metered ISO', SettingKinds::iso())->when('kind', ReadingKind::Metered->value),
        )->checked(static function (Record $reading): void {
            if ($reading->isSound()) {
                $reading->attempt('', static fn(): ExposureValue => self::level($reading));
            }
        });
    }

    /** @throws IncompleteReading */
    private static function level(Record $reading): ExposureValue
    {
        return match ($reading->choice('kind', ReadingKind::class)) {
            ReadingKind::Incident => ExposureValue::ofLight(
                Illuminance::ofLux(
                    $reading->has('lux') ? $reading->number('lux') : throw IncompleteReading::incident(),
                ),
            ),
            ReadingKind::Dome => ExposureValue::underDome(
                $reading->has('domeEv') ? $reading->number('domeEv') : throw IncompleteReading::dome(),
            ),
            ReadingKind::Frame => ExposureValue::atIso100(
                $reading->has('ev') ? $reading->number('ev') : throw IncompleteReading::frame(),
            ),
            ReadingKind::Metered => $reading->has('shutter') && $reading->has('aperture') && $reading->has('iso')
                ? LevelForm::settings($reading)->meteredLevel()
                : throw IncompleteReading::metered(),
        };
    }
}
