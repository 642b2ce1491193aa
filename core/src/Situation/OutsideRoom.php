<?php

declare(strict_types=1);

namespace Kaddle\Core\Situation;

use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Refused;
use Kaddle\Core\Quantity\Sentence;

/**
 * Something was put where the room is not.
 *
 * @phpstan-all-methods-pure
 */
final class OutsideRoom extends Refused
{
    /** @param float $most m */
    public static function camera(float $most): self
    {
        return self::at(
            'camera.fromBackWall',
            'The camera stands outside the room: at most %s from the wall behind it.',
            $most,
        );
    }

    /**
     * @param float $ceiling m
     * @param float $least m
     */
    public static function head(float $ceiling, float $least): self
    {
        return self::at(
            'room.height',
            'A ceiling at %s leaves no room for the flash head over the camera: at least %s, or hold the camera lower.',
            $ceiling,
            $least,
        );
    }

    /** @param float $most m */
    public static function face(float $most): self
    {
        return self::at('subject.height', 'The face is above the ceiling: at most %s here.', $most);
    }

    /** @param float $most m */
    public static function subject(float $most): self
    {
        return $most < Scene::distanceRange()->min
            ? self::at(
                'subject.distance',
                'The camera stands so close to the far wall that nobody fits before it: move the camera back.',
            )
            : self::at(
                'subject.distance',
                'The subject stands outside the room: between camera and far wall there are %s.',
                $most,
            );
    }

    /** @param float ...$metres 0 or more */
    private static function at(string $field, string $pattern, float ...$metres): self
    {
        return new self(Sentence::of($pattern, ...array_map(Length::ofMetres(...), $metres)), $field);
    }
}
