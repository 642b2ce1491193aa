<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** A document as its values by dotted path; a list is one value. */
final class Leaves
{
    private function __construct() {}

    /**
     * What to put into a document to get another one.
     *
     * @param array<string, mixed> $from
     * @param array<string, mixed> $to
     *
     * @return array<string, mixed> value by dotted path, of those in which they differ; null for what is not there
     */
    public static function difference(array $from, array $to): array
    {
        [$before, $after] = [self::of($from), self::of($to)];
        $changed = [];
        foreach (array_keys($before + $after) as $path) {
            if (!Canonical::alike($before[$path] ?? null, $after[$path] ?? null)) {
                $changed[$path] = $after[$path] ?? null;
            }
        }

        return $changed;
    }

    /**
     * @param array<string, mixed> $document
     * @param array<string, mixed> $values by dotted path; null takes one out
     *
     * @return array<string, mixed>
     */
    public static function put(array $document, array $values): array
    {
        $leaves = array_filter([...self::of($document), ...$values], static fn(mixed $value): bool => $value !== null);
        $put = [];
        foreach ($leaves as $path => $value) {
            $put = self::with($put, explode('.', $path), $value);
        }

        return $put;
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return array<string, mixed>
     */
    private static function of(array $document, string $before = ''): array
    {
        $leaves = [];
        foreach ($document as $name => $value) {
            $leaves += is_array($value) && !array_is_list($value) ? self::of($value, "$before$name.") : ["$before$name" => $value];
        }

        return $leaves;
    }

    /**
     * @param array<array-key, mixed> $document
     * @param non-empty-list<string> $path
     *
     * @return array<string, mixed>
     */
    private static function with(array $document, array $path, mixed $value): array
    {
        $name = array_shift($path);
        $inner = $document[$name] ?? [];
        $document[$name] = $path === [] ? $value : self::with(is_array($inner) ? $inner : [], $path, $value);

        /** @var array<string, mixed> */
        return $document;
    }
}
