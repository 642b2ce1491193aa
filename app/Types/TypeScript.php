<?php

declare(strict_types=1);

namespace App\Types;

/** Readonly PHP data classes as TypeScript interfaces, enums as unions of their values. */
final class TypeScript
{
    /** @var array<string, class-string<\BackedEnum>> by short name */
    private array $enums = [];

    private function __construct(
        private readonly DocTypes $doc,
    ) {}

    /**
     * @param array<string, string> $folders namespace => folder
     * @param array{array<string, string>, array<string, string>} $forms unions and interfaces of forms, by name
     */
    public static function ofFolders(array $folders, array $forms): string
    {
        [$unions, $interfaces] = $forms;
        $self = new self(new DocTypes());
        foreach (self::classesIn($folders) as $class) {
            $interfaces[$class->getShortName()] = $self->interface($class);
        }
        ksort($interfaces);
        foreach ($self->enums as $name => $enum) {
            $unions[$name] = self::union(
                $name,
                array_map(static fn(\BackedEnum $case): string => (string) $case->value, $enum::cases()),
            );
        }
        ksort($unions);

        return implode("\n", [...array_values($unions), ...array_values($interfaces)]);
    }

    /**
     * Classes that are nothing but public readonly properties.
     *
     * @param array<string, string> $folders
     *
     * @return list<\ReflectionClass<object>>
     */
    private static function classesIn(array $folders): array
    {
        $found = [];
        foreach ($folders as $namespace => $folder) {
            $files = glob("$folder/*.php");
            foreach ($files === false ? [] : $files as $file) {
                $name = $namespace . '\\' . basename($file, '.php');
                $class = class_exists($name) ? new \ReflectionClass($name) : null;
                $properties = $class?->getProperties() ?? [];
                $public = array_filter($properties, static fn(\ReflectionProperty $p): bool => $p->isPublic());
                if ($class !== null && !$class->isEnum() && $properties !== [] && count($public) === count($properties)) {
                    $found[] = $class;
                }
            }
        }

        return $found;
    }

    /** @param \ReflectionClass<object> $class */
    private function interface(\ReflectionClass $class): string
    {
        $lines = [
            "/** {$this->doc->sentence($class->getDocComment())} */",
            "export interface {$class->getShortName()} {",
        ];
        foreach ($class->getProperties() as $property) {
            $comment = $this->doc->sentence($property->getDocComment());
            if ($comment !== '') {
                $lines[] = "  /** $comment */";
            }
            $lines[] = "  readonly {$property->getName()}: {$this->type($property)};";
        }

        return implode("\n", [...$lines, "}\n"]);
    }

    private function type(\ReflectionProperty $property): string
    {
        $type = $property->getType();
        if (!$type instanceof \ReflectionNamedType) {
            throw new \LogicException("{$property->class}::{$property->name} needs a plain type.");
        }
        $name = $type->getName() === 'array'
            ? 'readonly ' . $this->doc->elementOf($property) . '[]'
            : $this->name($type->getName());

        return $type->allowsNull() ? "$name | null" : $name;
    }

    private function name(string $php): string
    {
        if (enum_exists($php) && is_subclass_of($php, \BackedEnum::class)) {
            $short = (new \ReflectionEnum($php))->getShortName();
            $this->enums[$short] = $php;

            return $short;
        }

        return match ($php) {
            'int', 'float' => 'number',
            'string' => 'string',
            'bool' => 'boolean',
            default => substr((string) strrchr("\\$php", '\\'), 1),
        };
    }

    /** @param list<string> $values */
    public static function union(string $name, array $values): string
    {
        return sprintf(
            "export type %s = %s;\n",
            $name,
            implode(' | ', array_map(static fn(string $value): string => "'$value'", $values)),
        );
    }
}
