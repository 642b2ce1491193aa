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
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Sentence;
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
            Field::optional('rows', 'number of rows', NumberKind::whole(People::rowRange()), 'One behind the other.'),
            Field::optional('rowGap', 'distance between rows', NumberKind::within(People::gapRange()), 'Instead of the depth of the group.'),
            Field::optional('width', 'width of the group', NumberKind::within(People::widthRange()), 'From end to end. Left out, shoulder to shoulder.'),
        ];
    }

    /** Rows, their distance and the depth say one thing. @param Record $people with its fields */
    public static function checkRows(Record $people): void
    {
        if (!$people->isSound('depth', 'rows', 'rowGap') || !$people->has('rowGap')) {
            return;
        }
        if (!$people->has('rows') || $people->whole('rows') < 2) {
            $people->fault('rowGap', 'Say how many rows there are: the distance lies between two of them.');
        } elseif ($people->number('depth') > 0.0) {
            $people->fault('rowGap', 'Tell either the depth of the group or the distance between its rows.');
        }
    }

    /** A group that is told by rows or width has to fit into its room. @param Record $document with the people, sound */
    public static function checkGroup(Record $document, Scene $scene, People $group): void
    {
        $people = $document->record('people');
        if ($people->has('width') && $group->across() > $scene->room->width) {
            $people->fault('width', Sentence::of('The group is wider than the room: that is %s.', Length::ofMetres($scene->room->width)));
        }
        $behind = $scene->spaceBehind();
        if ($people->has('rows') && $group->depth > $behind) {
            $people->fault($people->has('rowGap') ? 'rowGap' : 'depth', Sentence::of('The last row stands beyond the wall: behind the subject there are %s.', Length::ofMetres(round($behind, 2))));
        }
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

        $rows = $people->has('rows') ? $people->whole('rows') : null;

        return People::ofMetres(
            $movement,
            $people->has('rowGap') ? (($rows ?? 1) - 1) * $people->number('rowGap') : $people->number('depth'),
            $people->choice('clothing', Clothing::class),
            $people->choice('behind', Behind::class),
            $people->whole('count'),
            self::shining($people),
            $drag === null ? null : DragForm::going($drag, $movement),
            $rows,
            $people->has('width') ? $people->number('width') : null,
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
