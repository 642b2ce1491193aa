<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Advice\GroupView;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Situation\GroupFaces;

/** What a group asks of frame, light and depth, in words. */
final class GroupWords
{
    private function __construct() {}

    /** @return list<string> */
    public static function of(GroupView $group, Voice $voice): array
    {
        return array_values(array_filter([
            self::frame($group, $voice),
            self::depth($group, $voice),
            self::light($group),
            self::back($group, $voice),
            $group->moment->people->isCounted() ? sprintf('People are %d %% of the frame, which is what a flash meter has to go by.', (int) round(100.0 * $group->share)) : '',
        ], static fn(string $told): bool => $told !== ''));
    }

    private static function frame(GroupView $group, Voice $voice): string
    {
        $people = $group->moment->people;
        $focal = Number::plain($group->moment->lens->focalLength, 0);
        $who = sprintf(
            '%s%s, %s wide',
            $people->count === 1 ? 'The group' : "$people->count people",
            $people->rows === 1 ? '' : " in $people->rows rows",
            $voice->length(Length::ofMetres($people->across())),
        );

        if (!$people->isCounted()) {
            return 'Say how many they are, or how wide they stand, and from where they fit into the frame is told too.';
        }

        return $group->fits()
            ? "$who: they fit from {$voice->length($group->fitsFrom)} at $focal mm."
            : "$who: at {$voice->length(Length::ofMetres($group->moment->scene->distance))} and $focal mm they do not fit; from {$voice->length($group->fitsFrom)} they do.";
    }

    private static function depth(GroupView $group, Voice $voice): string
    {
        $people = $group->moment->people;
        $behind = $group->moment->scene->spaceBehind();

        return match (true) {
            $people->depth === 0.0 => '',
            $people->depth > $behind => "The last of them would stand beyond the wall: behind the subject there are {$voice->length(Length::ofMetres($behind))}.",
            $group->isSharp => "Sharp from the first row to the last, with the focus at {$voice->length($group->moment->focusForGroup())}.",
            $group->holding === null => 'No opening of this lens holds all rows sharp: step back, or fewer rows.',
            default => "Not all rows are sharp: {$group->holding->label()} would hold them, with the focus at {$voice->length($group->moment->focusForGroup())}.",
        };
    }

    private static function light(GroupView $group): string
    {
        $worst = $group->light?->worst();
        if ($worst === null || $worst->value >= -GroupView::EVEN) {
            return $worst === null ? '' : 'The flash is even over all of them within a third of a stop.';
        }
        $help = $group->evener === null
            ? 'No other way to point the head is more even; step back.'
            : sprintf('%s leaves only %s; or step back.', $group->evener[0]->inWords(), $group->evener[1]->value > -0.05 ? 'nothing' : $group->evener[1]->amount());

        return "The worst place gets {$worst->amount()} less flash than the first face. $help";
    }

    private static function back(GroupView $group, Voice $voice): string
    {
        $cost = $group->light?->stepBack();

        return match (true) {
            $group->light === null => '',
            $cost === null => !$group->moment->people->isCounted() || $group->fits() ? '' : 'The room ends before that: a shorter lens, or more rows.',
            $group->fits() => "A step of {$voice->length(Length::ofMetres(GroupFaces::STEP))} back costs {$cost->amount()} of flash.",
            default => "Stepping back to there costs {$cost->amount()} of flash.",
        };
    }
}
