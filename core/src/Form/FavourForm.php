<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Score\Favour;

/** What a night is to be good at. */
final class FavourForm
{
    private function __construct() {}

    public static function shape(): Shape
    {
        return Shape::of(Field::needed('favour', 'favour', ChoiceKind::among(Favour::cases())));
    }

    /** As a night document carries it. */
    public static function field(): Field
    {
        return Field::optional(
            'favour',
            'favour',
            ChoiceKind::among(Favour::cases()),
            'What the night is to be good at when it is solved as a whole.',
            Favour::FewestTurns->value,
        );
    }
}
