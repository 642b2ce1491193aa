<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Clothing;
use Kaddle\Core\People\Movement;
use Kaddle\Core\People\People;
use Kaddle\Core\People\Shining;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Situation\OutsideRoom;
use Kaddle\Core\Situation\Scene;

/** Camera, subject and people of a moment. */
final class SceneForm
{
    private function __construct() {}

    public static function camera(): Field
    {
        return Field::needed('camera', 'camera', PartKind::one(Shape::of(
            Field::needed(
                'fromBackWall',
                'distance from the wall behind you',
                NumberKind::within(Scene::fromBackWallRange()),
            ),
            Field::needed('height', 'camera height', NumberKind::within(Scene::heightRange())),
        )->called('CameraDraft')));
    }

    public static function subject(): Field
    {
        return Field::needed('subject', 'subject', PartKind::one(Shape::of(
            Field::needed('distance', 'subject distance', NumberKind::within(Scene::distanceRange())),
            Field::needed(
                'height',
                'height of the face',
                NumberKind::within(Scene::heightRange()),
                'From the floor; lower where people sit.',
            ),
        )->called('SubjectDraft')));
    }

    /** @return list<Field> what nobody says is taken as one row of guests who talk */
    public static function people(): array
    {
        return [
            Field::optional(
                'movement',
                'movement',
                ChoiceKind::among(Movement::cases()),
                otherwise: Movement::Talk->value,
            ),
            Field::optional(
                'depth',
                'depth of the group',
                NumberKind::within(People::depthRange()),
                'From the first row of faces to the last; 0 for one row.',
                0.0,
            ),
            Field::optional(
                'count',
                'number of people',
                NumberKind::whole(People::countRange()),
                'In the picture: a flash meter takes them for more the more they are.',
                1,
            ),
            Field::optional(
                'clothing',
                'clothes',
                ChoiceKind::among(Clothing::cases()),
                otherwise: Clothing::Mixed->value,
            ),
            Field::optional(
                'behind',
                'scene behind them',
                ChoiceKind::among(Behind::cases()),
                otherwise: Behind::Guests->value,
            ),
            Field::optional(
                'shines',
                'share of it that shines',
                NumberKind::within(Shining::percentRange()),
                'Windows, lamps, a screen: of the picture without the people. Left out, what is usual there.',
            ),
            Field::optional(
                'shinesEv',
                'its level',
                NumberKind::within(ExposureValue::range()),
                'As a spot meter reads it at ISO 100. Left out, a window shines by the light outside, the rest as usual.',
            ),
        ];
    }

    /** @return Scene|null null after what forbids it was noted */
    public static function scene(Record $document): ?Scene
    {
        if (!$document->isSound('room', 'camera', 'subject')) {
            return null;
        }
        [$camera, $subject] = [$document->record('camera'), $document->record('subject')];
        try {
            return Scene::ofMetres(
                RoomForm::boxRoom($document->record('room')),
                $camera->number('fromBackWall'),
                $camera->number('height'),
                $subject->number('distance'),
                $subject->number('height'),
            );
        } catch (OutsideRoom $e) {
            $document->fault($e->field, $e->sentence());

            return null;
        }
    }

    /**
     * @param Record $people sound
     * @param Record|null $drag sound; how they go on the bench, where somebody has said so there
     */
    public static function peopleOf(Record $people, ?Record $drag = null): People
    {
        $movement = $drag?->has('movement') === true
            ? $drag->choice('movement', Movement::class)
            : $people->choice('movement', Movement::class);

        return People::ofMetres(
            $movement,
            $people->number('depth'),
            $people->choice('clothing', Clothing::class),
            $people->choice('behind', Behind::class),
            $people->whole('count'),
            self::shining($people),
            $drag === null ? null : DragForm::going($drag, $movement),
        );
    }

    private static function shining(Record $people): ?Shining
    {
        $level = $people->has('shinesEv') ? ExposureValue::atIso100($people->number('shinesEv')) : null;

        return $people->has('shines') || $level !== null
            ? Shining::ofPercent(
                $people->has('shines')
                    ? $people->number('shines')
                    : 100.0 * $people->choice('behind', Behind::class)->shiningShare(),
                $level,
            )
            : null;
    }
}
