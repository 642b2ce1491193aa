<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests;

use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Colour\Tint;
use Kaddle\Core\Exposure\Labels;
use Kaddle\Core\Form\LookForm;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\StarterGear;
use Kaddle\Core\Glow\Compass;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Glow\Window;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Picture\FigureKind;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\RoomKind;
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
        foreach (self::classes() as $class) {
            foreach (is_subclass_of($class, \BackedEnum::class) ? $class::cases() : [] as $case) {
                yield from self::told($case);
            }
            foreach ((new \ReflectionClass($class))->getMethods(\ReflectionMethod::IS_STATIC) as $method) {
                if ($method->isPublic() && $method->getNumberOfParameters() === 0 && (string) $method->getReturnType() === Range::class) {
                    yield "$class {$method->name}" => $method->invoke(null);
                }
            }
        }
        foreach (FigureKind::cases() as $kind) {
            yield "reach of a $kind->value" => array_map($kind->reach(...), [0.1, -0.5]);
        }
        foreach ([1500.0, 2700.0, 4000.0, 6500.0, 12000.0] as $kelvin) {
            yield "tint of $kelvin K" => array_map(
                static fn(float $balance): string => Tint::of(LightColour::ofKelvin(Kelvin::of($kelvin)), LightColour::ofKelvin(Kelvin::of($balance))),
                [2500.0, 5500.0, 10000.0],
            );
        }
        foreach (range(3, 23, 2) as $hour) {
            $sun = SunPosition::at(58.2, 8.1, new \DateTimeImmutable(sprintf('2027-06-21 %02d:00 UTC', $hour)));
            yield sprintf('window under a sun at %.1f', $sun->altitude) => array_map(
                static fn(Compass $way): float => round(Window::ofPercent(5.0, $way)->shareUnder($sun), 6),
                Compass::cases(),
            );
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

    /** @return list<class-string> every one that the core has */
    private static function classes(): array
    {
        $classes = [];
        $files = glob(__DIR__ . '/../src/*/*.php');
        foreach ($files === false ? [] : $files as $file) {
            $class = 'Kaddle\\Core\\' . basename(dirname($file)) . '\\' . basename($file, '.php');
            if (class_exists($class)) {
                $classes[] = $class;
            }
        }

        return $classes;
    }

    /** @return iterable<string, mixed> what a case of a catalogue says of itself, without being asked about anything else */
    private static function told(\BackedEnum $case): iterable
    {
        foreach ((new \ReflectionEnum($case))->getMethods(\ReflectionMethod::IS_PUBLIC) as $method) {
            $figure = !$method->isStatic() && $method->getNumberOfParameters() === 0 ? $method->invoke($case) : null;
            if ($figure !== null && !$figure instanceof Shape) { // forms come whole, below
                yield "{$method->class} $case->value {$method->name}" => $figure;
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
