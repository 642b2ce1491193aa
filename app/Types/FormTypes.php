<?php

declare(strict_types=1);

namespace App\Types;

use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\Kind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Shape;

/** Forms as TypeScript: an interface for each shape that has a name, and a table of all fields by path. */
final class FormTypes
{
    /** @var array<string, string> interface by name */
    private array $interfaces = [];

    /** @var array<string, string> union of values by name */
    private array $unions = [];

    private function __construct() {}

    /** @return array{array<string, string>, array<string, string>} TypeScript unions and interfaces by name, of shapes and of those inside them */
    public static function of(Shape ...$shapes): array
    {
        $self = new self();
        foreach ($shapes as $shape) {
            $self->interface($shape);
        }

        return [$self->unions, $self->interfaces];
    }

    /**
     * What a control needs of each field, by dotted path: label, hint, range.
     *
     * @return array<string, array<string, mixed>>
     */
    public static function fields(Shape $shape, string $before = ''): array
    {
        $told = [];
        foreach ($shape->fields as $field) {
            $told += $field->kind instanceof PartKind && !$field->kind->isList()
                ? self::fields($field->kind->shape, "$before$field->name.")
                : [
                    "$before$field->name" => [
                        'label' => ucfirst($field->label),
                        'hint' => $field->hint,
                    ] + array_diff_key(
                        $field->kind->form(),
                        ['kind' => null, 'options' => null, 'example' => null],
                    ),
                ];
        }

        return $told;
    }

    private function interface(Shape $shape): string
    {
        $lines = ["export interface $shape->name {"];
        foreach ($shape->fields as $field) {
            $comment = trim(ucfirst($field->label) . self::unit($field) . '. ' . $field->hint);
            $lines[] = "  /** $comment */";
            $lines[] = sprintf(
                '  readonly %s: %s%s;',
                $field->name,
                $this->type($field->kind),
                $field->isAlwaysThere() ? '' : ' | null',
            );
        }
        $this->interfaces[$shape->name] = implode("\n", [...$lines, "}\n"]);

        return $shape->name === ''
            ? throw new \LogicException('A form that the page gets needs a name.')
            : $shape->name;
    }

    private function type(Kind $kind): string
    {
        if ($kind instanceof PartKind) {
            return $kind->isList() ? "readonly {$this->interface($kind->shape)}[]" : $this->interface($kind->shape);
        }
        $schema = $kind->schema();

        if (is_string($schema['title'] ?? null) && is_array($schema['enum'] ?? null)) {
            $this->unions[$schema['title']] = TypeScript::union(
                $schema['title'],
                array_values(array_filter($schema['enum'], is_string(...))),
            );

            return $schema['title'];
        }

        return match (true) {
            in_array($schema['type'] ?? null, ['number', 'integer'], true) => 'number',
            ($schema['type'] ?? null) === 'boolean' => 'boolean',
            default => 'string',
        };
    }

    private static function unit(Field $field): string
    {
        $unit = $field->kind->form()['unit'] ?? '';

        return is_string($unit) && $unit !== '' ? ", $unit" : '';
    }
}
