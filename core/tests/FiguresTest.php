<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests;

use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Exposure\Labels;
use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Form\LookForm;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Gear\Metering;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\StarterGear;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Clothing;
use Kaddle\Core\People\Movement;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\RoomKind;
use Kaddle\Core\Wish\KeptThing;
use PHPUnit\Framework\TestCase;

/**
 * Every figure that ships (labels of the scales, catalogues, gear and nights to start from, ranges and steps of
 * fields) as a golden text: none changes unseen. Their sources stand beside them in the code and in docs/physics.md.
 *
 * Written anew by: KADDLE_GOLDEN=write vendor/bin/phpunit --filter FiguresTest
 */
final class FiguresTest extends TestCase
{
    public function testEveryFigureIsAsPinned(): void
    {
        $lines = [];
        foreach (self::figures() as $name => $figure) {
            $lines[] = $name . ' ' . json_encode(self::plain($figure), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
        }
        Golden::assertSame('figures', $lines);
    }

    /** @return iterable<string, mixed> */
    private static function figures(): iterable
    {
        foreach (['shutter' => Labels::SHUTTER, 'aperture' => Labels::APERTURE, 'iso' => Labels::ISO] as $name => $labels) {
            foreach ($labels as $thirtieths => $label) {
                yield "$name $thirtieths" => $label;
            }
        }
        foreach ([Finish::class, ModifierKind::class, GelKind::class, Movement::class, Behind::class, Clothing::class, KeptThing::class, Metering::class, Mains::class] as $catalogue) {
            foreach ($catalogue::cases() as $case) {
                yield from self::told($case);
            }
        }
        foreach (RoomKind::cases() as $kind) {
            yield "room $kind->value" => [$kind->metres(), $kind->roof(), array_map($kind->finish(...), Face::cases())];
        }
        foreach (StarterGear::all() as $i => $gear) {
            yield "starter gear $i" => $gear;
        }
        foreach (NightTemplate::cases() as $template) {
            foreach ($template->moments() as $moment) {
                yield "night $template->value" => $moment;
            }
        }
        $forms = ['moment' => MomentForm::document(), 'plan' => MomentForm::plan(), 'look' => LookForm::shape(), 'room' => RoomForm::whole()];
        foreach (PieceKind::cases() as $kind) {
            $forms[$kind->value] = $kind->shape();
        }
        foreach ($forms as $name => $form) {
            foreach ($form->form() as $field) {
                yield $name => $field;
            }
        }
    }

    /** @return iterable<string, mixed> what a case of a catalogue says of itself, without being asked about anything else */
    private static function told(\BackedEnum $case): iterable
    {
        foreach ((new \ReflectionEnum($case))->getMethods(\ReflectionMethod::IS_PUBLIC) as $method) {
            if (!$method->isStatic() && $method->getNumberOfParameters() === 0) {
                yield "{$method->class} $case->value {$method->name}" => $method->invoke($case);
            }
        }
    }

    private static function plain(mixed $figure): mixed
    {
        return match (true) {
            $figure instanceof \BackedEnum => $figure->value,
            is_object($figure) => self::plain(get_object_vars($figure)),
            is_float($figure) && !is_finite($figure) => (string) $figure,
            is_array($figure) => array_map(self::plain(...), $figure),
            default => $figure,
        };
    }
}
