<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Form\FavourForm;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\PlaceForm;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Gear\EarlierGear;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\ConstKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\PatternKind;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Intake\TextKind;
use Kaddle\Core\Intake\VariantKind;

/** The documents in which work leaves Kaddle and comes back. */
enum DocumentKind: string
{
    case Bag = 'kaddle-bag';
    case Place = 'kaddle-place';
    case Night = 'kaddle-night';

    public const VERSION = 2;
    public const MOST_PIECES = 500;
    public const MOST_ROOMS = 60;
    public const MOST_MOMENTS = 300;

    public function shape(): Shape
    {
        return (match ($this) {
            self::Bag => Shape::of(self::pieces()),
            self::Place => self::place(),
            self::Night => Shape::of(
                self::uid(),
                Field::needed('name', 'name', TextKind::line(80)),
                Field::needed('date', 'date', PatternKind::date()),
                FavourForm::field(),
                Field::needed('moments', 'moments', PartKind::listOf(self::moment(), 'moment', self::MOST_MOMENTS)),
                Field::needed('place', 'place', PartKind::one(self::place())),
                self::pieces(),
            ),
        })->led(
            Field::needed('format', 'format', ConstKind::of($this->value, 'The format is another.')),
            Field::needed(
                'version',
                'version',
                ConstKind::of(self::VERSION, self::unknownVersion()),
            ),
        );
    }

    /** What is told of a document of another version; those of the first are taken over. */
    public static function unknownVersion(): string
    {
        return sprintf('The version must be %d, or %d of earlier documents: no other is known here.', self::VERSION, EarlierGear::VERSION);
    }

    /** A moment as a night document carries it; gear and room are named by their identities. */
    private static function moment(): Shape
    {
        $gear = array_map(
            static fn(string $name): Field => Field::needed($name, $name, PatternKind::identity()),
            ['room', 'body', 'lens', 'flash'],
        );
        $fittings = array_map(
            static fn(string $name, string $label): Field => Field::optional($name, $label, PatternKind::identity()),
            ['modifier', 'gel', 'otherGel'],
            ['modifier', 'gel', 'gel of the other units'],
        );

        return MomentForm::settings()->led(
            self::uid(),
            Field::needed('plan', 'plan', PartKind::one(MomentForm::plan())),
            ...$gear,
            ...$fittings,
        );
    }

    private static function place(): Shape
    {
        return PlaceForm::shape()->led(self::uid())->with(
            Field::needed(
                'rooms',
                'rooms',
                PartKind::listOf(RoomForm::whole()->led(self::uid()), 'room', self::MOST_ROOMS),
            ),
        );
    }

    private static function pieces(): Field
    {
        $kinds = [];
        foreach (PieceKind::cases() as $kind) {
            $kinds[$kind->value] = $kind->shape()->led(
                self::uid(),
                Field::needed('piece', 'kind of piece', ChoiceKind::of([$kind->value => $kind->inWords()])),
            );
        }

        return Field::needed(
            'pieces',
            'pieces',
            VariantKind::listOf($kinds, 'piece', 'kind of piece', self::MOST_PIECES),
        );
    }

    private static function uid(): Field
    {
        return Field::needed('uid', 'identity', PatternKind::identity());
    }
}
