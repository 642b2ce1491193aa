<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Gear\BodyForm;
use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Gear\EarlierGear;
use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Gear\OutfitForm;
use Kaddle\Core\Gear\UnitForm;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\ChoicesKind;
use Kaddle\Core\Intake\ConstKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\PatternKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Intake\TextKind;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Presence;
use Kaddle\Core\Power\PlannedUse;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Situation\Scene;
use Kaddle\Core\Wish\Look;

/** A moment: what is planned, what is set on the bench, and the document that the engine reads. */
final class MomentForm
{
    public const VERSION = 2;

    /** EV that fits wherever any does. */
    private const ANY_GLOW = 4.0;

    private static ?Shape $document = null;
    private static ?Shape $settings = null;
    private static ?Shape $planned = null;

    private function __construct() {}

    /** What is written down about a moment before any light is reckoned. */
    public static function plan(): Shape
    {
        [$movement, $depth, $count, $clothing, $behind, $shines, $level, $rows, $rowGap, $width] = SceneForm::people();

        return Shape::of(
            self::name(),
            Field::needed('starts', 'start', PatternKind::clock()),
            Field::needed('minutes', 'length', NumberKind::whole(PlannedUse::minutesRange())),
            Field::optional('nearest', 'nearest subject', NumberKind::within(Scene::distanceRange())),
            Field::optional('farthest', 'farthest subject', NumberKind::within(Scene::distanceRange())),
            $count,
            $rows,
            $rowGap,
            $depth,
            $width,
            $clothing,
            $movement,
            $behind,
            $shines,
            $level,
            Field::optional('view', 'way the camera looks', TextKind::line(120)),
            Field::optional('presence', 'also there', ChoicesKind::among(Presence::cases())),
            Field::optional(
                'framesPerMinute',
                'frames with flash a minute',
                NumberKind::within(PlannedUse::rateRange()),
            ),
            Field::optional(
                'skipped',
                'left out of the score',
                new FlagKind(),
                'Somebody else takes it, or nobody does: no setting is turned for it.',
                false,
            ),
            Field::optional('notes', 'shot notes', TextKind::lines(2000), otherwise: ''),
            Field::optional('marks', 'marks for the edit', TextKind::lines(500)),
        )->checked(static function (Record $plan): void {
            SceneForm::checkRows($plan);
            if ($plan->isSound('nearest', 'farthest') && $plan->has('nearest') && $plan->has('farthest') && $plan->number('nearest') > $plan->number('farthest')) {
                $plan->fault('farthest', 'The farthest subject must not stand nearer than the nearest.');
            }
        });
    }

    /** The plan but for name and time, by which moments are found and ordered. */
    public static function planned(): Shape
    {
        return self::$planned ??= self::plan()->without('name', 'starts', 'minutes');
    }

    /** What is set on the bench, but for room and gear: the wish, the scene and its glow. */
    public static function settings(): Shape
    {
        return self::$settings ??= Shape::of(
            OutfitForm::units(),
            OutfitForm::gelled(),
            LensForm::focalLength(),
            Field::optional(
                'ownLens',
                'planned lens only',
                new FlagKind(),
                'Otherwise the score may have another lens of the night stay on, where that has this focal length too.',
                false,
            ),
            StandForm::field(),
            SceneForm::camera(),
            SceneForm::subject(),
            Field::needed(
                'glow',
                'glow',
                PartKind::one(self::glow(true)),
                'As EV, as a metered exposure, or from the room’s curve.',
            ),
            FaceGlowForm::field(),
            self::roomKelvin(),
            Field::needed('look', 'look', PartKind::one(LookForm::shape())),
            ...HeadForm::fields(),
            ...[
                Field::optional(
                    'dialled',
                    'compensations that are set already',
                    PartKind::one(self::dialled()),
                    otherwise: ['body' => 0.0, 'exposure' => 0.0],
                ),
                DragForm::field(),
            ],
        );
    }

    /** The document of a single moment, as `light solve` takes it. */
    public static function document(): Shape
    {
        return self::$document ??= Shape::of(
            Field::needed(
                'version',
                'version',
                ConstKind::of(
                    self::VERSION,
                    sprintf('The version must be %d, or %d of earlier documents: this engine knows no other.', self::VERSION, EarlierGear::VERSION),
                ),
            ),
            Field::needed('room', 'room', PartKind::one(RoomForm::box())),
            SceneForm::camera(),
            SceneForm::subject(),
            Field::optional('people', 'people', PartKind::one(Shape::of(...SceneForm::people())->checked(SceneForm::checkRows(...))), otherwise: []),
            Field::optional(
                'mains',
                'mains',
                ChoiceKind::among(Mains::cases()),
                'Lamps beat at twice its frequency.',
                Mains::Hz50->value,
            ),
            Field::needed('glow', 'glow', PartKind::one(self::glow(false)), 'As EV, or as a metered exposure.'),
            FaceGlowForm::field(),
            self::roomKelvin(),
            Field::optional(
                'outdoors',
                'light outside',
                NumberKind::within(ExposureValue::range()),
                'EV of the open sky’s light at that hour: what shines through a window.',
            ),
            Field::needed('look', 'look', PartKind::one(LookForm::shape())),
            ...HeadForm::fields(),
            ...[
                Field::needed('body', 'body', PartKind::one(BodyForm::figures())),
                Field::needed('lens', 'lens', PartKind::one(LensForm::figures())),
                Field::needed('flash', 'flash', PartKind::one(UnitForm::figures())),
                DragForm::field(),
            ],
        );
    }

    public static function name(): Field
    {
        return Field::needed('name', 'name', TextKind::line(80));
    }

    /**
     * What is set on the bench, as it is kept: what the form takes for a field that was left out is
     * written down, so that it stays when the form takes something else one day.
     *
     * @return array<string, mixed>
     */
    public static function kept(Record $settings): array
    {
        $kept = $settings->settled();
        $dialled = $settings->record('dialled');

        return $dialled->number('body') === 0.0 && $dialled->number('exposure') === 0.0
            ? array_diff_key($kept, ['dialled' => null])
            : $kept;
    }

    /**
     * The document of a moment whose settings are kept or came with a night.
     *
     * @param array<string, mixed> $rest room, gear and whatever else belongs into the document beside the settings
     * @param float|null $curve what the room's curve says, EV; null where any figure will do to see whether all fits
     *
     * @return array<string, mixed>
     */
    public static function documentOf(Record $settings, array $rest, ?float $curve = null): array
    {
        $glow = $settings->record('glow')->flag('curve') ? ['glow' => ['ev' => $curve ?? self::ANY_GLOW]] : [];
        $document = ['version' => self::VERSION, ...self::kept($settings), ...$glow, ...$rest];
        $names = array_fill_keys(self::document()->names(), null);

        return array_replace(array_intersect_key($names, $document), array_intersect_key($document, $names));
    }

    /**
     * What the plan, the house and the hour add to what is set: the people as far as they bear on light, no flash
     * where that is forbidden, and the light outside where a window or an open roof shows it.
     *
     * @param Record $settings what is set, stored or not yet
     * @param Record $plan by planned() or plan()
     * @param bool $isOpen whether there is nothing overhead
     * @param \Closure(): float $outdoors light of the open sky at that hour, EV
     *
     * @return array<string, mixed>
     */
    public static function around(Record $settings, Record $plan, bool $isFlashForbidden, bool $isOpen, \Closure $outdoors): array
    {
        $people = array_intersect_key($plan->toArray(), array_flip(array_map(
            static fn(Field $field): string => $field->name,
            SceneForm::people(),
        )));
        $seesOut = $isOpen || ($plan->has('behind') && $plan->choice('behind', Behind::class) === Behind::Window);

        return [
            ...($people === [] ? [] : ['people' => $people]),
            ...($seesOut ? ['outdoors' => round(ExposureValue::range()->nearest($outdoors()), 1)] : []),
            ...($isFlashForbidden ? ['look' => ['withoutFlash' => true] + $settings->record('look')->toArray()] : []),
        ];
    }

    private static function roomKelvin(): Field
    {
        return Field::optional(
            'roomKelvin',
            'colour of the room’s light',
            NumberKind::within(Look::balanceRange()),
            'Candles 1900, lamps 2700 to 3000, daylight 5500, dusk 8000. Left out, the room’s curve tells it where there is one.',
        );
    }

    private static function glow(bool $withCurve): Shape
    {
        $curve = $withCurve ? [Field::optional('curve', 'from the room’s curve', new FlagKind())] : [];

        return Shape::of(...LevelForm::fields('glow', 'At ISO 100.'), ...$curve)
            ->inOneWay(
                [['ev'], ['metered'], ...($withCurve ? [['curve']] : [])],
                $withCurve
                    ? 'Give the glow in one way only: as EV, as a metered exposure, or from the curve.'
                    : 'Give the glow either as EV or as a metered exposure, not both.',
            )
            ->called('GlowDraft');
    }

    private static function dialled(): Shape
    {
        return Shape::of(
            Field::needed('body', 'flash compensation on the body', NumberKind::within(Compensation::range())),
            Field::needed('exposure', 'exposure compensation on the body', NumberKind::within(Compensation::range())),
        )->called('DialledDraft');
    }
}
