<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Intake\Record;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Effort;

/** What turns cost, as far as pieces of gear say. */
final class EffortForm
{
    private function __construct() {}

    /** With a body on which the controls lie as its figures say. */
    public static function on(Record $body): Effort
    {
        $effort = Effort::usual();
        foreach ([Control::Shutter, Control::Aperture, Control::Iso] as $control) {
            $field = "{$control->value}Reach";
            if ($body->has($field)) {
                $effort = $effort->with($control, $body->number($field), $effort->click($control));
            }
        }

        return $effort;
    }
}
