<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\GroupView;
use Kaddle\Core\Situation\GroupPlace;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\GroupWords;
use Kaddle\Core\Words\Voice;

/** A group, as light, depth and frame serve it. */
final readonly class GroupDocument
{
    /**
     * @param list<GroupPlaceDocument> $places
     * @param list<string> $sentences
     */
    private function __construct(
        /** Empty for a flash that is off. @var list<GroupPlaceDocument> */
        public array $places,
        /** @var list<string> */
        public array $sentences,
    ) {}

    public static function of(Solution $solution, Voice $voice): ?self
    {
        $group = GroupView::of($solution);
        if ($group === null) {
            return null;
        }
        $places = [];
        foreach ($group->light?->falls() ?? [] as $place => $fall) {
            $places[] = GroupPlaceDocument::of(GroupPlace::from($place), $fall, $solution->levels);
        }

        return new self($places, GroupWords::of($group, $voice));
    }
}
