<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Intake\Record;

/** Pieces of a bag in the form in which a moment document carries them. */
final class MomentParts
{
    private function __construct() {}

    /** @return array<string, mixed> */
    public static function body(Record $piece): array
    {
        return array_intersect_key($piece->toArray(), array_flip(BodyForm::FIGURES));
    }

    /**
     * @param mixed $focalLength mm, as it came: the reader of the document judges it
     *
     * @return array<string, mixed>
     */
    public static function lens(Record $piece, mixed $focalLength): array
    {
        $focal = is_int($focalLength) || is_float($focalLength) ? (float) $focalLength : 0.0;

        return [
            'focalLength' => $focalLength,
            'widest' => LensForm::openings($piece)->at($focal)->label(),
            ...array_intersect_key($piece->toArray(), array_flip(['narrowest', 'bestFrom', 'bestTo', 'closest'])),
        ];
    }

    /** @return array{recycle?: float} s after a full pop with the first kind of battery that it takes */
    private static function recycle(Record $piece): array
    {
        $feeds = $piece->has('feeds') ? $piece->records('feeds') : [];

        return $feeds === [] ? [] : ['recycle' => $feeds[0]->number('fullSeconds')];
    }

    /**
     * @param Record $settings how many side by side, and on how many the gel is
     *
     * @return array<string, mixed>
     */
    public static function flash(Record $piece, Record $settings, ?Record $modifier, ?Record $gel, ?Record $otherGel): array
    {
        $part = static fn(?Record $of, string ...$names): array => array_intersect_key(
            $of?->toArray() ?? [],
            array_flip($names),
        );

        return [
            ...$part($piece, ...UnitForm::FIGURES),
            ...self::recycle($piece),
            ...$part($settings, 'units', 'gelled'),
            ...($modifier === null ? [] : ['modifier' => $part($modifier, 'kind', 'dimming')]),
            ...($gel === null ? [] : ['gel' => $part($gel, 'shift', 'loss')]),
            ...($otherGel === null ? [] : ['otherGel' => $part($otherGel, 'shift', 'loss')]),
        ];
    }
}
