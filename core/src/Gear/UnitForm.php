<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\EdgedSpread;
use Kaddle\Core\Flash\Firing;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\PopLength;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Flash\ZoomTable;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Power\PowerSource;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Step;

/** A flash unit: in a bag, and with what is on it in a moment document. */
final class UnitForm
{
    /** What light is reckoned with; the rest is for the bag. */
    public const FIGURES = [
        'zoom', 'bounceZoom', 'lowestUnderFull', 'step', 'highSpeed', 'durations', 'kelvin', 'lowestKelvin', 'metered', 'rearCurtain',
    ];

    /** Where a head that does not zoom is said to stand, mm. */
    private const ANY_ZOOM = 35.0;
    private const MOST_ZOOM_STEPS = 20;

    private function __construct() {}

    public static function piece(): Shape
    {
        $feed = Shape::of(
            Field::needed('battery', 'kind of battery', ChoiceKind::among(BatteryKind::cases())),
            Field::needed('fullSeconds', 'recycle after a full pop', NumberKind::within(PowerSource::secondsRange())),
            Field::needed('fullPops', 'full pops in a set', NumberKind::within(PowerSource::popsRange())),
            Field::optional(
                'cells',
                'cells it takes',
                NumberKind::whole(PowerSource::cellsRange()),
                'Four of most cells, one of a pack.',
            ),
        );

        return Shape::of(
            self::zoom(),
            self::bounceZoom(),
            ...self::output(),
            ...[
                Field::optional('feeds', 'batteries it takes', PartKind::listOf($feed, 'kind of battery', 4)),
                self::durations(),
                ...self::kelvin(),
                Field::optional('metered', 'meters by itself', new FlagKind()),
                Field::optional('highSpeed', 'high-speed sync', new FlagKind()),
                Field::optional('rearCurtain', 'second curtain', new FlagKind()),
                Field::optional('wireless', 'wireless', new FlagKind()),
            ],
        )->checked(static function (Record $piece): void {
            if ($piece->isSound('zoom')) {
                self::table($piece);
            }
        });
    }

    /** As a moment document carries it: with its zoom, or as a head that has none. */
    public static function figures(): Shape
    {
        return Shape::of(
            self::zoom()->orNone('From wide to narrow; leave it out for a head that does not zoom.'),
            self::bounceZoom()->orNone(),
            self::guideNumber()->orNone('Of a head that does not zoom, at ISO 100 and full power.'),
            self::coverage()->orNone('The same: along the long side of the picture, as printed.'),
            ...self::output(),
            ...[
                Field::optional('highSpeed', 'high-speed sync', new FlagKind(), otherwise: false),
                self::durations(),
                ...self::kelvin(),
                Field::optional('metered', 'meters by itself', new FlagKind(), 'By a preflash.', false),
                Field::optional('rearCurtain', 'second curtain', new FlagKind(), otherwise: true),
                Field::optional('recycle', 'recycle after a full pop', NumberKind::within(PowerSource::secondsRange())),
            ],
            ...OutfitForm::fields(),
        )->inOneWay([['guideNumber', 'coverage'], ['zoom', 'bounceZoom']]);
    }

    /** @return FlashUnit|null null after what forbids it was noted */
    public static function unit(Record $document): ?FlashUnit
    {
        $figures = $document->record('flash');
        if (!$figures->isSound('zoom', 'bounceZoom', 'guideNumber', 'coverage')) {
            return null;
        }
        $zoom = $figures->has('zoom')
            ? self::table($figures)
            : ZoomTable::fixed(
                ZoomStep::ofMillimetres(self::ANY_ZOOM, $figures->number('guideNumber'), $figures->number('coverage')),
            );
        $bounceZoom = $figures->has('zoom') ? $figures->number('bounceZoom') : self::ANY_ZOOM;
        $outfit = OutfitForm::outfit($figures, $zoom?->at($bounceZoom)->beam);
        if ($zoom === null || $outfit === null || !$figures->isSound()) {
            return null;
        }

        return FlashUnit::of(
            $zoom,
            $bounceZoom,
            $figures->whole('lowestUnderFull'),
            $figures->choice('step', Step::class),
            $outfit,
            $figures->flag('highSpeed'),
            $figures->has('kelvin') ? Kelvin::of($figures->number('kelvin')) : null,
            self::pop($figures),
            Firing::of(
                $figures->flag('metered'),
                $figures->flag('rearCurtain'),
                $figures->has('recycle') ? $figures->number('recycle') : null,
            ),
            $figures->has('lowestKelvin') ? Kelvin::of($figures->number('lowestKelvin')) : null,
        );
    }

    private static function pop(Record $figures): ?PopLength
    {
        $printed = array_map(
            static fn(Record $d): array => [$d->number('underFull'), 1.0 / $d->number('inverse')],
            $figures->records('durations'),
        );

        return $printed === [] ? null : PopLength::ofSeconds($printed);
    }

    private static function table(Record $figures): ?ZoomTable
    {
        return $figures->attempt('zoom', static fn(): ZoomTable => ZoomTable::of(array_map(
            static fn(Record $step): ZoomStep => ZoomStep::ofMillimetres(
                $step->number('focalLength'),
                $step->number('guideNumber'),
                $step->has('coverage') ? $step->number('coverage') : null,
            ),
            $figures->records('zoom'),
        )));
    }

    private static function zoom(): Field
    {
        return Field::needed('zoom', 'zoom settings', PartKind::listOf(Shape::of(
            Field::needed('focalLength', 'zoom setting', NumberKind::within(ZoomStep::focalRange())),
            self::guideNumber(),
            self::coverage()->orNone('Along the long side, as printed; left out, what a lens of this focal length sees.'),
        ), 'zoom setting', self::MOST_ZOOM_STEPS, 1), 'From wide to narrow.');
    }

    private static function bounceZoom(): Field
    {
        return Field::needed(
            'bounceZoom',
            'bounce zoom',
            NumberKind::within(ZoomStep::focalRange()),
            'Where the zoom goes when the head is tilted.',
        );
    }

    private static function durations(): Field
    {
        $duration = Shape::of(
            Field::needed(
                'underFull',
                'output',
                NumberKind::within(FlashUnit::lowestRange()),
                '0 for full, 7 for 1/128.',
            ),
            Field::needed(
                'inverse',
                'duration as 1 over',
                NumberKind::within(Range::between(100.0, 100_000.0, 'per s', 100.0)),
                '1000 for 1/1000 s.',
            ),
        );

        return Field::optional('durations', 'flash durations t0.5', PartKind::listOf($duration, 'duration', 10));
    }

    /** @return list<Field> */
    private static function kelvin(): array
    {
        $within = NumberKind::within(FlashUnit::colourRange());

        return [
            Field::optional('kelvin', 'colour of the bare head', $within, 'At full power. Left out, 5500 K.'),
            Field::optional('lowestKelvin', 'colour at the lowest output', $within, 'Most heads are a little bluer there. Left out, as at full power.'),
        ];
    }

    public static function guideNumber(): Field
    {
        return Field::needed(
            'guideNumber',
            'guide number',
            NumberKind::within(Beam::guideNumberRange()),
            'At ISO 100 and full power.',
        );
    }

    /** @param string $name what the document calls it */
    public static function coverage(string $name = 'coverage'): Field
    {
        return Field::needed(
            $name,
            'coverage',
            NumberKind::within(EdgedSpread::coverageRange()),
            'Along the long side of the picture, as printed.',
        );
    }

    /** @return list<Field> */
    private static function output(): array
    {
        return [
            Field::needed(
                'lowestUnderFull',
                'lowest output',
                NumberKind::whole(FlashUnit::lowestRange()),
                '7 for 1/128.',
            ),
            Field::needed('step', 'step of the output', ChoiceKind::among(Step::cases())),
        ];
    }
}
