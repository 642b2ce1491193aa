<?php

declare(strict_types=1);

namespace Kaddle\Core\Situation;

use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\Number;

/**
 * Something was put where the room is not.
 *
 * @phpstan-all-methods-pure
 */
final class OutsideRoom extends \DomainException implements KaddleException
{
    private function __construct(
        /** The field of a moment document that is to blame. */
        public readonly string $field,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function camera(float $most): self
    {
        return new self('camera.fromBackWall', sprintf('The camera stands outside the room: at most %s m from the wall behind it.', self::metres($most)));
    }

    public static function head(float $ceiling, float $least): self
    {
        return new self('room.height', sprintf(
            'A ceiling at %s m leaves no room for the flash head over the camera: at least %s m, or hold the camera lower.',
            self::metres($ceiling),
            self::metres($least),
        ));
    }

    public static function face(float $most): self
    {
        return new self('subject.height', sprintf('The face is above the ceiling: at most %s m here.', self::metres($most)));
    }

    public static function subject(float $most): self
    {
        return new self('subject.distance', $most < Scene::distanceLimits()->min
            ? 'The camera stands so close to the far wall that nobody fits before it: move the camera back.'
            : sprintf('The subject stands outside the room: between camera and far wall there are %s m.', self::metres($most)));
    }

    private static function metres(float $metres): string
    {
        return Number::plain($metres, 2);
    }
}
