<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Score;

/** How often a control is changed in a night. */
final readonly class ControlSumDocument
{
    private function __construct(
        public Control $control,
        public string $name,
        public int $times,
        /** In all, either way; 0 for what has none. */
        public int $clicks,
    ) {}

    /** @return list<self> of every control that is changed at all */
    public static function allOf(Score $score): array
    {
        $all = [];
        foreach (Control::cases() as $control) {
            [$times, $clicks] = $score->sumOf($control);
            if ($times > 0) {
                $all[] = new self($control, $control->inWords(), $times, $clicks);
            }
        }

        return $all;
    }
}
