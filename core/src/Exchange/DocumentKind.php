<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Reading\ChoiceKind;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\PartKind;
use Kaddle\Core\Reading\PatternKind;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Reading\TextKind;

/** The documents in which work leaves Kaddle and comes back. */
enum DocumentKind: string
{
    case Bag = 'kaddle-bag';
    case Place = 'kaddle-place';
    case Night = 'kaddle-night';

    public const VERSION = 1;

    public const MOST_PIECES = 500;
    public const MOST_ROOMS = 60;
    public const MOST_MOMENTS = 300;

    /**
     * Its JSON Schema, as published in core/schema.
     *
     * @return array<string, mixed>
     */
    public function schema(): array
    {
        $object = match ($this) {
            self::Bag => self::object(['pieces' => self::pieces()]),
            self::Place => self::place(),
            self::Night => self::night(),
        };
        $object['properties'] = ['format' => ['const' => $this->value], 'version' => ['const' => self::VERSION]] + (is_array($object['properties']) ? $object['properties'] : []);
        $object['required'] = ['format', 'version', ...(is_array($object['required']) ? array_values($object['required']) : [])];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => "https://kaddle.example/schema/$this->value.schema.json",
            'title' => ucfirst(substr($this->value, strlen('kaddle-'))),
        ] + $object;
    }

    /** @return array<string, mixed> */
    private static function pieces(): array
    {
        $kinds = [];
        foreach (PieceKind::cases() as $kind) {
            $shape = Shape::of(
                Field::needed('uid', 'identity', PatternKind::identity()),
                Field::needed('piece', 'kind of piece', ChoiceKind::of([$kind->value => $kind->inWords()])),
            );
            $kinds[] = $shape->with(...$kind->shape()->fields)->schema();
        }

        return ['type' => 'array', 'maxItems' => self::MOST_PIECES, 'items' => ['oneOf' => $kinds]];
    }

    /** @return array<string, mixed> */
    private static function place(): array
    {
        $room = RoomShape::shape()->with(Field::needed('uid', 'identity', PatternKind::identity()));

        return PlaceShape::shape()->with(
            Field::needed('uid', 'identity', PatternKind::identity()),
            Field::needed('rooms', 'rooms', PartKind::listOf($room, 'room', self::MOST_ROOMS)),
        )->schema();
    }

    /** @return array<string, mixed> */
    private static function night(): array
    {
        $plan = Field::needed('plan', 'plan', PartKind::one(MomentShape::plan()));
        $night = Shape::of(
            Field::needed('uid', 'identity', PatternKind::identity()),
            Field::needed('name', 'name', TextKind::line(80)),
            Field::needed('date', 'date', PatternKind::date()),
            Field::needed('moments', 'moments', PartKind::listOf(MomentShape::light()->with($plan), 'moment', self::MOST_MOMENTS)),
        )->schema();
        $night['properties'] = (is_array($night['properties']) ? $night['properties'] : []) + ['place' => self::place(), 'pieces' => self::pieces()];
        $night['required'] = [...(is_array($night['required']) ? array_values($night['required']) : []), 'place', 'pieces'];

        return $night;
    }

    /**
     * @param array<string, mixed> $properties
     *
     * @return array<string, mixed>
     */
    private static function object(array $properties): array
    {
        return ['type' => 'object', 'additionalProperties' => false, 'required' => array_keys($properties), 'properties' => $properties];
    }
}
