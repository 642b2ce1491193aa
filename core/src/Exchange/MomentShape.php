<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Exposure\Aids;
use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\Outfit;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Clothing;
use Kaddle\Core\People\Movement;
use Kaddle\Core\People\People;
use Kaddle\Core\People\Presence;
use Kaddle\Core\Power\PlannedUse;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Reading\FlagKind;
use Kaddle\Core\Reading\NumberKind;
use Kaddle\Core\Reading\PartKind;
use Kaddle\Core\Reading\PatternKind;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Reading\TextKind;
use Kaddle\Core\Reading\Words;
use Kaddle\Core\Situation\Scene;
use Kaddle\Core\Wish\KeptThing;
use Kaddle\Core\Wish\Look;
use Kaddle\Core\Wish\School;

/** A moment as a night document carries it; gear and room are named by their identities. */
final class MomentShape
{
    /** The fields that a moment of a night has in common with a moment document. */
    public const SHARED = ['camera', 'subject', 'glow', 'look', 'head', 'pointing', 'zoom'];

    private function __construct() {}

    /** What is written down about a moment before any light is reckoned. */
    public static function plan(): Shape
    {
        return Shape::of(
            Field::needed('name', 'name', TextKind::line(80)),
            Field::needed('starts', 'start', PatternKind::clock()),
            Field::needed('minutes', 'length', NumberKind::whole(PlannedUse::minutesLimits())),
            Field::optional('nearest', 'nearest subject', NumberKind::within(Scene::distanceLimits())),
            Field::optional('farthest', 'farthest subject', NumberKind::within(Scene::distanceLimits())),
            Field::optional('depth', 'depth of the group', NumberKind::within(People::depthLimits()), 'From the first row of faces to the last; 0 for one row.'),
            Field::optional('clothing', 'clothes', Words::choice(Clothing::cases())),
            Field::optional('movement', 'movement', Words::choice(Movement::cases())),
            Field::optional('behind', 'behind them', Words::choice(Behind::cases())),
            Field::optional('view', 'way the camera looks', TextKind::line(120)),
            Field::optional('presence', 'also there', Words::choices(Presence::cases())),
            Field::optional('framesPerMinute', 'frames with flash a minute', NumberKind::within(PlannedUse::rateLimits())),
            Field::optional('notes', 'shot notes', TextKind::lines(2000)),
            Field::optional('marks', 'marks for the edit', TextKind::lines(500)),
        );
    }

    /** @return array<string, mixed> of use only when no fault was noted */
    public static function readPlan(Fields $fields): array
    {
        $plan = self::plan()->read($fields);
        if (is_float($plan['nearest'] ?? null) && is_float($plan['farthest'] ?? null) && $plan['nearest'] > $plan['farthest']) {
            $fields->fault('farthest', 'The farthest subject must not stand nearer than the nearest.');
        }

        return $plan;
    }

    /** What is reckoned with; read again by MomentReader, which knows what fits together. */
    public static function light(): Shape
    {
        $metered = Shape::of(...array_map(
            static fn(string $name): Field => Field::needed($name, "metered $name", TextKind::line(12)),
            ['shutter', 'aperture', 'iso'],
        ));

        return Shape::of(
            Field::needed('uid', 'identity', PatternKind::identity()),
            Field::needed('room', 'room', PatternKind::identity()),
            Field::needed('body', 'body', PatternKind::identity()),
            Field::needed('lens', 'lens', PatternKind::identity()),
            Field::needed('flash', 'flash', PatternKind::identity()),
            Field::optional('modifier', 'modifier', PatternKind::identity()),
            Field::optional('gel', 'gel', PatternKind::identity()),
            Field::optional('units', 'number of units', NumberKind::whole(Outfit::unitLimits())),
            Field::needed('focalLength', 'focal length', NumberKind::within(Limits::between(8.0, 600.0, 'mm', 1.0))),
            Field::needed('camera', 'camera', PartKind::one(Shape::of(
                Field::needed('fromBackWall', 'camera’s distance from the wall behind it', NumberKind::within(Scene::fromBackWallLimits())),
                Field::needed('height', 'camera height', NumberKind::within(Scene::heightLimits())),
            ))),
            Field::needed('subject', 'subject', PartKind::one(Shape::of(
                Field::needed('distance', 'subject distance', NumberKind::within(Scene::distanceLimits())),
                Field::needed('height', 'height of the face', NumberKind::within(Scene::heightLimits())),
            ))),
            Field::needed('glow', 'glow', PartKind::one(Shape::of(
                Field::optional('ev', 'glow', NumberKind::within(ExposureValue::limits())),
                Field::optional('metered', 'metered exposure', PartKind::one($metered)),
                Field::optional('curve', 'from the room’s curve', new FlagKind()),
            )), 'One of the three.'),
            Field::needed('look', 'look', PartKind::one(Shape::of(
                Field::needed('roomUnder', 'wish for the room', NumberKind::within(Look::roomUnderLimits())),
                Field::needed('aperture', 'working aperture', TextKind::line(12)),
                Field::optional('locks', 'controls that are held', PartKind::one(Shape::of(...array_map(
                    static fn(string $name): Field => Field::optional($name, "held $name", TextKind::line(12)),
                    ['shutter', 'aperture', 'iso'],
                )))),
                Field::optional('school', 'school', Words::choice(School::cases())),
                Field::optional('keep', 'light to keep', PartKind::one(Shape::of(
                    Field::needed('what', 'thing to keep', Words::choice(KeptThing::cases())),
                    Field::optional('ev', 'level of the thing to keep', NumberKind::within(ExposureValue::limits())),
                    Field::optional('metered', 'metered exposure', PartKind::one($metered)),
                )), 'Its level as one of the two.'),
                Field::optional('fill', 'fill', NumberKind::within(Look::fillLimits())),
                Field::optional('nd', 'neutral density', NumberKind::within(Aids::densityLimits())),
                Field::optional('highSpeed', 'high-speed sync', new FlagKind()),
            ))),
            Field::optional('head', 'head direction', Words::choice(HeadAim::cases())),
            Field::optional('pointing', 'angles of the head', PartKind::one(Shape::of(
                Field::needed('turn', 'turn of the head', NumberKind::within(Angles::turnLimits())),
                Field::needed('tilt', 'tilt of the head', NumberKind::within(Angles::tiltLimits())),
            ))),
            Field::optional('zoom', 'zoom of the head', NumberKind::within(ZoomStep::focalLimits())),
            Field::optional('dialled', 'compensations that are set already', PartKind::one(Shape::of(
                Field::needed('body', 'flash compensation on the body', NumberKind::within(Compensation::limits())),
                Field::needed('exposure', 'exposure compensation', NumberKind::within(Compensation::limits())),
            ))),
        );
    }
}
