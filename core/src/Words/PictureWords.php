<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Picture\PictureView;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Stops;

/** What a picture shows, in words. */
final class PictureWords
{
    /** Stops over mid-grey from which there is no detail left, and under it. */
    private const WHITE = 3.0;
    private const BLACK = -5.0;

    private function __construct() {}

    /** @return list<string> the places that have a name, what is lost, and what is sharp */
    public static function of(PictureView $picture, Voice $voice): array
    {
        $solution = $picture->solution;
        [$room, $flash] = [$solution->levels->room->ratio(), $solution->best->isOff() ? 0.0 : $solution->levels->faceFlash->ratio()];
        $levels = [];
        foreach ($picture->spots() as $spot) {
            $levels[$spot->name] ??= $spot->room * $room + $spot->flash * $flash;
        }

        return [
            ...array_map(static fn(string $name, float $light): string => sprintf('%s: %s.', $name, self::level($light)), array_keys($levels), array_values($levels)),
            sprintf(
                'Focused at %s; %s.',
                $voice->length(Length::ofMetres($picture->focus)),
                self::isGroupInIt($picture) ? 'everybody of the group is in the picture' : 'not everybody of the group fits into the picture',
            ),
        ];
    }

    /** "1.2 stops over mid-grey", "white, 3.4 stops over mid-grey" */
    private static function level(float $light): string
    {
        $stops = Stops::ofRatio(max(1e-6, $light))->value;

        return match (true) {
            $stops > self::WHITE => 'white, ',
            $stops < self::BLACK => 'black, ',
            default => '',
        } . (abs($stops) < 0.05 ? 'as bright as mid-grey' : Stops::of(abs($stops))->amount() . ($stops > 0.0 ? ' over mid-grey' : ' under mid-grey'));
    }

    private static function isGroupInIt(PictureView $picture): bool
    {
        foreach ($picture->figures as $figure) {
            $point = $picture->camera->project($figure->at);
            if ($figure->isOfGroup && ($point === null || !$picture->camera->shows($point))) {
                return false;
            }
        }

        return true;
    }
}
