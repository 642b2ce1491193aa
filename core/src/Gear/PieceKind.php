<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Exposure\Steadiness;
use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\Modifier;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\KaddleException;
use Kaddle\Core\Power\PowerSource;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\FlagKind;
use Kaddle\Core\Reading\LabelKind;
use Kaddle\Core\Reading\NumberKind;
use Kaddle\Core\Reading\PartKind;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Reading\TextKind;
use Kaddle\Core\Reading\Words;

/** What lies in a bag, and what there is to know of each kind. */
enum PieceKind: string
{
    case Body = 'body';
    case Lens = 'lens';
    case Flash = 'flash';
    case Modifier = 'modifier';
    case Gel = 'gel';
    case Battery = 'battery';

    public function inWords(): string
    {
        return match ($this) {
            self::Body => 'body',
            self::Lens => 'lens',
            self::Flash => 'flash',
            self::Modifier => 'modifier',
            self::Gel => 'gel',
            self::Battery => 'batteries',
        };
    }

    /** Several of it: "flash units". */
    public function inPlural(): string
    {
        return match ($this) {
            self::Body => 'bodies',
            self::Lens => 'lenses',
            self::Flash => 'flash units',
            self::Modifier => 'modifiers',
            self::Gel => 'gels',
            self::Battery => 'batteries',
        };
    }

    public function shape(): Shape
    {
        $name = Field::needed('name', 'name', TextKind::line(80));

        return Shape::of($name, ...match ($this) {
            self::Body => self::body(),
            self::Lens => self::lens(),
            self::Flash => self::flash(),
            self::Modifier => self::modifier(),
            self::Gel => self::gel(),
            self::Battery => self::battery(),
        });
    }

    /** @return list<Field> */
    private static function body(): array
    {
        return [
            Field::needed('step', 'step of the controls', Words::choice([Step::Third, Step::Half])),
            Field::needed('sync', 'sync speed', self::label(Shutter::fromLabel(...), '1/200')),
            Field::needed('baseIso', 'lowest ISO', self::label(Iso::fromLabel(...), '100')),
            Field::needed('usableIso', 'usable ISO', self::label(Iso::fromLabel(...), '6400'), 'The highest that you still deliver.'),
            Field::optional('topIso', 'highest ISO', self::label(Iso::fromLabel(...), '25600'), 'What the dial goes up to.'),
            Field::needed('stabiliser', 'stabiliser', NumberKind::within(Steadiness::stabiliserLimits()), '0 for none.'),
            Field::needed('crop', 'crop factor', NumberKind::within(Optics::cropLimits()), '1 for 36 mm x 24 mm, about 1.5 for the next smaller frame.'),
            Field::needed('strictness', 'hand-held rule k', NumberKind::within(Steadiness::strictnessLimits()), 't = 1/(k·f): 1 for steady hands, 2 to be sure.'),
            Field::optional('metering', 'flash metering', Words::choice(Metering::cases())),
            Field::optional('compensations', 'compensations', Words::choice(CompensationSum::cases()), 'Which of them count together: try it with a frame of a grey wall.'),
        ];
    }

    /** @return list<Field> */
    private static function lens(): array
    {
        return [
            Field::needed('openings', 'focal lengths with their widest aperture', PartKind::listOf(Shape::of(
                Field::needed('focalLength', 'focal length', NumberKind::within(Optics::focalLimits())),
                Field::needed('widest', 'widest aperture', self::label(Aperture::fromLabel(...), 'f/2.8')),
            ), 'focal length', 12, 1), 'From short to long; one for a lens that does not zoom.'),
            Field::needed('narrowest', 'narrowest aperture', self::label(Aperture::fromLabel(...), 'f/16')),
            Field::optional('bestFrom', 'sharpest from', self::label(Aperture::fromLabel(...), 'f/4'), 'Leave both out for two to four stops under wide open.'),
            Field::optional('bestTo', 'sharpest to', self::label(Aperture::fromLabel(...), 'f/8')),
            Field::optional('closest', 'close limit', NumberKind::within(Limits::between(0.1, 10.0, 'm', 0.05))),
        ];
    }

    /** @return list<Field> */
    private static function flash(): array
    {
        return [
            Field::needed('zoom', 'zoom settings', PartKind::listOf(Shape::of(
                Field::needed('focalLength', 'zoom setting', NumberKind::within(ZoomStep::focalLimits())),
                Field::needed('guideNumber', 'guide number', NumberKind::within(Beam::guideNumberLimits()), 'At ISO 100 and full power.'),
                Field::needed('halfAngle', 'half-angle of the beam', NumberKind::within(Beam::halfAngleLimits()), 'Where half is left.'),
            ), 'zoom setting', 20, 1), 'From wide to narrow.'),
            Field::needed('bounceZoom', 'bounce zoom', NumberKind::within(ZoomStep::focalLimits()), 'Where the zoom goes when the head is tilted.'),
            Field::needed('lowestUnderFull', 'lowest output', NumberKind::whole(FlashUnit::lowestLimits()), '7 for 1/128.'),
            Field::needed('step', 'step of the output', Words::choice(Step::cases())),
            Field::optional('feeds', 'batteries it takes', PartKind::listOf(Shape::of(
                Field::needed('battery', 'kind of battery', Words::choice(BatteryKind::cases())),
                Field::needed('fullSeconds', 'recycle after a full pop', NumberKind::within(PowerSource::secondsLimits())),
                Field::needed('fullPops', 'full pops in a set', NumberKind::within(PowerSource::popsLimits())),
            ), 'kind of battery', 4)),
            Field::optional('durations', 'flash durations t0.5', PartKind::listOf(Shape::of(
                Field::needed('underFull', 'output', NumberKind::within(FlashUnit::lowestLimits()), '0 for full, 7 for 1/128.'),
                Field::needed('inverse', 'duration as 1 over', NumberKind::within(Limits::between(100.0, 100_000.0, 'per s', 100.0)), '1000 for 1/1000 s.'),
            ), 'duration', 10)),
            Field::optional('metered', 'meters by itself', new FlagKind()),
            Field::optional('highSpeed', 'high-speed sync', new FlagKind()),
            Field::optional('rearCurtain', 'second curtain', new FlagKind()),
            Field::optional('wireless', 'wireless', new FlagKind()),
        ];
    }

    /** @return list<Field> */
    private static function modifier(): array
    {
        return [
            Field::needed('kind', 'what it is', Words::choice(ModifierKind::cases())),
            Field::optional('dimming', 'dimming on the axis', NumberKind::within(Modifier::dimmingLimits()), 'Stops that a flash meter reads less with it, the head at its bounce zoom. Leave it out to take the usual figure.'),
        ];
    }

    /** @return list<Field> */
    private static function gel(): array
    {
        return [
            Field::needed('shift', 'shift', NumberKind::within(Gel::shiftLimits()), 'Above 0 warms: full orange is about 159.'),
            Field::needed('loss', 'loss', NumberKind::within(Gel::lossLimits())),
        ];
    }

    /** @return list<Field> */
    private static function battery(): array
    {
        return [
            Field::needed('kind', 'kind of battery', Words::choice(BatteryKind::cases())),
            Field::needed('sets', 'sets carried', NumberKind::whole(Limits::between(1.0, 50.0, 'sets', 1.0))),
        ];
    }

    /** @param \Closure(string, Step): object $read */
    private static function label(\Closure $read, string $example): LabelKind
    {
        return LabelKind::madeBy(static function (string $label) use ($read): object {
            try {
                return $read($label, Step::Third);
            } catch (KaddleException) {
                return $read($label, Step::Half);
            }
        }, $example);
    }
}
