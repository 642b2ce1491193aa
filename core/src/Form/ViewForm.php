<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Picture\View;

/** How the camera is held for a picture. */
final class ViewForm
{
    private function __construct() {}

    public static function shape(): Shape
    {
        return Shape::of(
            Field::optional('tilt', 'tilt of the camera', NumberKind::within(View::tiltRange()), 'Upwards; at 0 the face stands on the upper third.', 0.0),
            Field::optional('turn', 'turn of the camera', NumberKind::within(View::turnRange()), 'To the right.', 0.0),
            Field::optional('upright', 'upright', new FlagKind(), 'The long side of the frame stands.', false),
        )->called('ViewDraft');
    }

    /**
     * @param mixed $told as it came
     *
     * @throws FaultyDocument by field, under “view”
     */
    public static function view(mixed $told): View
    {
        $view = Shape::of(Field::optional('view', 'view', PartKind::one(self::shape()), '', []))->whole(['view' => $told ?? []])->record('view');

        return View::ofDegrees($view->number('tilt'), $view->number('turn'), $view->flag('upright'));
    }
}
