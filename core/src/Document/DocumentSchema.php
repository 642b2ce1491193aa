<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

/** JSON Schema of a document class: its public properties, with their docblocks as descriptions. */
final class DocumentSchema
{
    /** @var array<string, array<string, mixed>> objects inside, by short name */
    private array $inside = [];

    private function __construct() {}

    /**
     * @param class-string $class with nothing but public properties
     *
     * @return array<string, mixed>
     */
    public static function of(string $class): array
    {
        $self = new self();
        $schema = $self->object(new \ReflectionClass($class));
        ksort($self->inside);

        return $self->inside === [] ? $schema : $schema + ['$defs' => $self->inside];
    }

    /**
     * @param \ReflectionClass<object> $class
     *
     * @return array<string, mixed>
     */
    private function object(\ReflectionClass $class): array
    {
        $properties = [];
        foreach ($class->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
            $properties[$property->getName()] = $this->property($property);
        }

        return [
            'type' => 'object',
            'additionalProperties' => false,
            'required' => array_keys($properties),
            'properties' => $properties,
        ];
    }

    /** @return array<string, mixed> */
    private function property(\ReflectionProperty $property): array
    {
        $type = $property->getType();
        if (!$type instanceof \ReflectionNamedType) {
            throw new \LogicException("{$property->class}::{$property->name} needs a plain type.");
        }
        $schema = $property->getName() === 'version'
            ? ['const' => $property->getDeclaringClass()->hasConstant('VERSION') ? $property->getDeclaringClass()->getConstant('VERSION') : 1]
            : $this->value($type->getName(), $property);
        $description = self::sentence((string) $property->getDocComment());

        return ($type->allowsNull() ? self::orNull($schema) : $schema) + ($description === '' ? [] : ['description' => $description]);
    }

    /** @return array<string, mixed> */
    private function value(string $type, \ReflectionProperty $property): array
    {
        return match ($type) {
            'int' => ['type' => 'integer'],
            'float' => ['type' => 'number'],
            'string' => ['type' => 'string'],
            'bool' => ['type' => 'boolean'],
            'array' => ['type' => 'array', 'items' => $this->element($property)],
            default => $this->named($type),
        };
    }

    /** @return array<string, mixed> of what "@var list<…>" says */
    private function element(\ReflectionProperty $property): array
    {
        if (preg_match('/@var list<(\w+)>/', (string) $property->getDocComment(), $match) !== 1) {
            throw new \LogicException("{$property->class}::{$property->name} needs a docblock with @var list<…>.");
        }
        $here = $property->getDeclaringClass()->getNamespaceName() . "\\$match[1]";

        return class_exists($here) || enum_exists($here)
            ? $this->named($here)
            : $this->value(self::imported($property, $match[1]), $property);
    }

    /** @return array<string, mixed> */
    private function named(string $class): array
    {
        if (is_subclass_of($class, \BackedEnum::class)) {
            return ['enum' => array_map(static fn(\BackedEnum $case): int|string => $case->value, $class::cases())];
        }
        if (!class_exists($class)) {
            throw new \LogicException("No document has a place for $class.");
        }
        $reflected = new \ReflectionClass($class);
        $name = lcfirst(preg_replace('/Document$/', '', $reflected->getShortName()) ?? '');
        $this->inside[$name] ??= $this->object($reflected);

        return ['$ref' => "#/\$defs/$name"];
    }

    /** A name as its file imports it; plain types are themselves. */
    private static function imported(\ReflectionProperty $property, string $name): string
    {
        $code = (string) file_get_contents((string) $property->getDeclaringClass()->getFileName());

        return preg_match("/^use ([\\w\\\\]+\\\\$name);/m", $code, $match) === 1 ? $match[1] : $name;
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private static function orNull(array $schema): array
    {
        return match (true) {
            is_string($schema['type'] ?? null) => ['type' => [$schema['type'], 'null']] + $schema,
            is_array($schema['enum'] ?? null) => ['enum' => [...array_values($schema['enum']), null]],
            default => ['oneOf' => [$schema, ['type' => 'null']]],
        };
    }

    /** The text of a docblock before any tag, on one line. */
    private static function sentence(string $comment): string
    {
        $text = preg_replace(['/^\/\*\*|\*\/$/', '/^\s*\* ?/m', '/@.*$/s', '/\s+/'], ['', '', '', ' '], $comment) ?? '';

        return trim($text);
    }
}
