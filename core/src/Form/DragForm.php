<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Exposure\ZoneFocus;
use Kaddle\Core\Glow\Lamp;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Motion\BackdropLamp;
use Kaddle\Core\Motion\Beats;
use Kaddle\Core\Motion\CameraMove;
use Kaddle\Core\Motion\CameraMoveKind;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Motion\Drag;
use Kaddle\Core\Motion\Going;
use Kaddle\Core\Motion\LampBeat;
use Kaddle\Core\Motion\OpenTime;
use Kaddle\Core\People\Movement;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Sentence;
use Kaddle\Core\Situation\Scene;

/** What moves while the shutter is open: the people, the camera, lamps behind, a crowd that passes. */
final class DragForm
{
    /** K of a lamp of which nobody says. */
    private const WARM = 2700.0;

    /** mm of a usual bulb. */
    private const BULB = 60.0;

    private static ?Shape $shape = null;

    private function __construct() {}

    public static function field(): Field
    {
        return Field::optional('drag', 'drag', PartKind::one(self::shape()), 'What moves while the shutter is open.');
    }

    public static function shape(): Shape
    {
        return self::$shape ??= Shape::of(
            Field::optional('movement', 'movement', ChoiceKind::among(Movement::cases()), 'Left out, as the plan has it.'),
            Field::optional('speed', 'speed', NumberKind::within(Going::speedRange()), 'Left out, the usual one of the movement.'),
            Field::optional(
                'heading',
                'way they go',
                NumberKind::within(Going::headingRange()),
                'As you see it: 0 across to the right, 90 towards you, 180 to the left, −90 away.',
                0.0,
            ),
            Field::optional('tripod', 'tripod', new FlagKind(), otherwise: false),
            Field::optional('camera', 'move of the camera', ChoiceKind::among(CameraMoveKind::cases()), otherwise: CameraMoveKind::Still->value),
            Field::optional('angle', 'angle of the move', NumberKind::within(CameraMove::angleRange()), 'Clockwise, to the right, or up.', 0.0),
            Field::optional('ratio', 'ratio of the zoom', NumberKind::within(CameraMove::ratioRange()), 'Focal length at the end over that at the beginning.', 1.0),
            Field::optional('moveSeconds', 'time of the move', NumberKind::within(OpenTime::range()), 'At the end of the exposure; left out, all of it.'),
            Field::optional('curtain', 'curtain', ChoiceKind::among(Curtain::cases()), 'Left out, what is advised.'),
            Field::optional('seconds', 'time by hand', NumberKind::within(OpenTime::range()), 'How long you hold the shutter open; left out, as it is set.'),
            Field::optional('lamps', 'lamps behind', PartKind::listOf(self::lamp(), 'lamp', Drag::MOST_LAMPS), otherwise: []),
            Field::optional('crowdSpeed', 'speed of a crowd that passes', NumberKind::within(Going::speedRange()), 'Across, behind or before them; left out, nobody passes.'),
            Field::optional('beats', 'beats a minute', NumberKind::within(Beats::range()), 'Of the music.'),
            Field::optional('wireless', 'wireless flash', new FlagKind(), 'Fired from afar.', false),
            Field::optional('focus', 'focus', NumberKind::within(Scene::distanceRange()), 'Where the lens stands; left out, at the face.'),
            Field::optional('zoneFrom', 'near end of the sharp zone', NumberKind::within(Scene::distanceRange()), 'Without looking: for a camera held over heads or at the hip.'),
            Field::optional('zoneTo', 'far end of the sharp zone', NumberKind::within(Scene::distanceRange())),
        )->checked(static function (Record $drag): void {
            if ($drag->isSound('zoneFrom', 'zoneTo') && $drag->has('zoneFrom') && $drag->has('zoneTo') && $drag->number('zoneFrom') >= $drag->number('zoneTo')) {
                $drag->fault('zoneTo', 'What is to be sharp must end farther away than it begins.');
            }
        })->called('DragDraft');
    }

    /** How people go, as far as the bench says. */
    public static function going(Record $drag, Movement $movement): Going
    {
        return Going::ofMetresPerSecond(
            $drag->has('speed') ? $drag->number('speed') : $movement->speed(),
            $drag->number('heading'),
        );
    }

    /** @return Drag|null null after what forbids it was noted */
    public static function drag(Record $drag, Lens $lens): ?Drag
    {
        $number = static fn(string $name): ?float => $drag->has($name) ? $drag->number($name) : null;
        $focus = $number('focus');
        if ($focus !== null && !ZoneFocus::focusRange($lens->closest)->contains($focus)) {
            $drag->fault('focus', Sentence::of('This lens focuses from %s on.', Length::ofMetres($lens->closest)));

            return null;
        }

        return new Drag(
            CameraMove::ofDegrees(
                $drag->choice('camera', CameraMoveKind::class),
                $drag->number('angle'),
                $drag->number('ratio'),
                $number('moveSeconds'),
            ),
            $drag->flag('tripod'),
            $drag->has('curtain') ? $drag->choice('curtain', Curtain::class) : null,
            $number('seconds'),
            array_map(self::lampOf(...), $drag->records('lamps')),
            $drag->has('crowdSpeed') ? Going::ofMetresPerSecond($drag->number('crowdSpeed')) : null,
            $number('beats'),
            $drag->flag('wireless'),
            $focus,
            $number('zoneFrom'),
            $number('zoneTo'),
        );
    }

    private static function lamp(): Shape
    {
        return Shape::of(
            Field::needed('across', 'place to the right of the middle', NumberKind::within(BackdropLamp::placeRange())),
            Field::needed('up', 'height over the lens', NumberKind::within(BackdropLamp::placeRange())),
            Field::needed('away', 'distance from the lens', NumberKind::within(BackdropLamp::distanceRange())),
            Field::needed('ev', 'level', NumberKind::within(ExposureValue::range()), 'As a spot meter reads it at ISO 100: a bulb 12 to 15, a string of lights 9 to 11, a screen 7.'),
            Field::optional('size', 'size', NumberKind::within(BackdropLamp::sizeRange()), 'Through.', self::BULB),
            Field::optional('kelvin', 'colour', NumberKind::within(Lamp::kelvinRange()), '2000 for a candle, 2700 for a bulb, 5600 for daylight.', self::WARM),
            Field::optional('speedAcross', 'speed to the right', NumberKind::within(BackdropLamp::speedRange()), 'Of the spot, for show lights.', 0.0),
            Field::optional('speedUp', 'speed upwards', NumberKind::within(BackdropLamp::speedRange()), '', 0.0),
            Field::optional('beat', 'beat of its light', ChoiceKind::among(LampBeat::cases()), otherwise: LampBeat::Filament->value),
        )->called('LampDraft');
    }

    private static function lampOf(Record $lamp): BackdropLamp
    {
        return BackdropLamp::ofMetres(
            $lamp->number('across'),
            $lamp->number('up'),
            $lamp->number('away'),
            ExposureValue::atIso100($lamp->number('ev')),
            $lamp->number('size'),
            Kelvin::of($lamp->number('kelvin')),
            $lamp->number('speedAcross'),
            $lamp->number('speedUp'),
            $lamp->choice('beat', LampBeat::class),
        );
    }
}
