<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Glow\LampKind;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Situation\FaceGlow;

/** How the room lights the face, where that differs from what is behind it. */
final class FaceGlowForm
{
    private function __construct() {}

    public static function field(): Field
    {
        return Field::optional('onFace', 'room’s light on the face', PartKind::one(
            Shape::of(
                Field::optional(
                    'over',
                    'light on the face over what is behind',
                    NumberKind::within(FaceGlow::range()),
                    'Before a bright window or a lit stage below 0, under a lamp above.',
                ),
                Field::optional('lamps', 'kind of lamps', ChoiceKind::among(LampKind::cases()), 'Where nobody has measured: what rooms so lit usually have.'),
                ...LevelForm::fields('light on the face', 'At ISO 100.'),
            )
                ->inOneWay(
                    [['over'], ['lamps'], ['ev'], ['metered']],
                    'Tell the light on the face in one way only: in stops over what is behind, by the lamps, as EV, or as a metered exposure.',
                )
                ->called('FaceGlowDraft'),
        ), 'Left out, the same light falls on face and background.');
    }

    /** @return FaceGlow|null null after what forbids it was noted */
    public static function of(Record $document, ExposureValue $glow, Step $step): ?FaceGlow
    {
        if (!$document->has('onFace')) {
            return FaceGlow::even();
        }
        $onFace = $document->record('onFace');
        if ($onFace->has('lamps')) {
            $lamps = $onFace->choice('lamps', LampKind::class);

            return self::within($onFace, 'lamps', $glow, $lamps->over(), $lamps->doubt());
        }
        if ($onFace->has('over')) {
            return self::within($onFace, 'over', $glow, $onFace->number('over'), 0.0);
        }
        $level = LevelForm::level($onFace, 'light on the face', $step);

        return $level === null ? null : self::within($onFace, $onFace->has('ev') ? 'ev' : 'metered', $glow, $level->ev - $glow->ev, 0.0);
    }

    private static function within(Record $onFace, string $field, ExposureValue $glow, float $over, float $doubt): ?FaceGlow
    {
        $most = FaceGlow::range();
        if (!$most->contains($over)) {
            $onFace->fault($field, sprintf('The light on the face must lie from %d stops under to %d over what is behind it.', -(int) $most->min, (int) $most->max));

            return null;
        }
        if (!ExposureValue::range()->contains($glow->ev + $over)) {
            $onFace->fault($field, 'With that the light on the face lies beyond all levels that a room can have.');

            return null;
        }

        return FaceGlow::ofStops($over, $doubt);
    }
}
