<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Drag\Ask;
use Kaddle\Core\Drag\AskKind;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Shape;

/** A look that is asked for. */
final class AskForm
{
    /** % of the frame that lamps smear, and heads that a trail is long, of which nobody says. */
    private const USUAL_SMEAR = 20.0;
    private const USUAL_HEADS = 1.0;

    private function __construct() {}

    public static function shape(): Shape
    {
        return Shape::of(
            Field::needed('kind', 'look', ChoiceKind::among(AskKind::cases())),
            Field::optional('tripod', 'tripod', new FlagKind(), otherwise: false),
            Field::optional('lamps', 'smear of the lamps', NumberKind::within(Ask::lampRange()), '', self::USUAL_SMEAR),
            Field::optional('heads', 'length of the trail', NumberKind::within(Ask::headRange()), '', self::USUAL_HEADS),
        )->called('AskDraft');
    }

    /**
     * @param mixed $told as it came
     *
     * @throws FaultyDocument by field, under “ask”
     */
    public static function ask(mixed $told): Ask
    {
        $ask = Shape::of(Field::needed('ask', 'look', PartKind::one(self::shape())))->whole(['ask' => $told])->record('ask');

        return Ask::of($ask->choice('kind', AskKind::class), $ask->flag('tripod'), $ask->number('lamps'), $ask->number('heads'));
    }
}
