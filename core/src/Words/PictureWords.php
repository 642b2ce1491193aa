<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Picture\Figure;
use Kaddle\Core\Picture\NamedSpot;
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

    /**
     * @param list<NamedSpot> $spots of the picture
     *
     * @return list<string> the places that have a name, what is lost, and what is sharp
     */
    public static function of(PictureView $picture, array $spots, Voice $voice): array
    {
        $solution = $picture->solution;
        [$room, $flash] = [$solution->levels->room->ratio(), $solution->best->isOff() ? 0.0 : $solution->levels->faceFlash->ratio()];
        $levels = [];
        foreach ($spots as $spot) {
            $levels[$spot->name] ??= $spot->room * $room + $spot->flash * $flash;
        }

        return [
            ...array_map(static fn(string $name, float $light): string => sprintf('%s: %s.', $name, self::level($light)), array_keys($levels), array_values($levels)),
            sprintf('Focused at %s%s.', $voice->length(Length::ofMetres($picture->focus)), self::group($picture)),
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

    /** "; everybody of the group is in the picture"; nothing of somebody alone. */
    private static function group(PictureView $picture): string
    {
        $all = $picture->solution->moment->people->count;
        $group = array_filter($picture->figures, static fn(Figure $f): bool => $f->isOfGroup);
        $inIt = array_filter($group, static function (Figure $figure) use ($picture): bool {
            $point = $picture->camera->project($figure->at);

            return $point !== null && $picture->camera->shows($point);
        });

        return match (true) {
            $all === 1 => '',
            count($inIt) < count($group) => '; not everybody of the group fits into the picture',
            count($group) < $all => sprintf('; %d of %d people are drawn', count($group), $all),
            default => '; everybody of the group is in the picture',
        };
    }
}
