<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/**
 * Counts what a JSON text would become before anything is made of it.
 *
 * A short text can become very large: each "[1]," of a list takes a hundred times its
 * length in memory. The scan makes nothing and stops at the first thing too many. Whether
 * the text is JSON at all is left to whoever reads it afterwards.
 *
 * @internal
 */
final class JsonScan
{
    private const MARKS = '"{}[]:,';

    private int $values = 1;

    /** @var list<int> keys so far of each object or list that is open */
    private array $keys = [];

    private function __construct(
        private readonly JsonSize $size,
    ) {}

    /** @return string|null what there is too much of, as a sentence; null where it can be read */
    public static function tooMuch(string $json, JsonSize $size): ?string
    {
        return strlen($json) > $size->mostBytes
            ? sprintf('The document is too long: %d bytes, at most %d.', strlen($json), $size->mostBytes)
            : (new self($size))->scan($json);
    }

    private function scan(string $json): ?string
    {
        $end = strlen($json);
        for ($i = strcspn($json, self::MARKS); $i < $end; $i += strcspn($json, self::MARKS, $i)) {
            $mark = $json[$i];
            if ($mark === '"') {
                $i = self::behindText($json, $i + 1, $end);
                continue;
            }
            ++$i;
            $fault = $this->count($mark);
            if ($fault !== null) {
                return $fault;
            }
        }

        return null;
    }

    private function count(string $mark): ?string
    {
        if ($mark === '}' || $mark === ']') {
            array_pop($this->keys);

            return null;
        }
        if ($mark === ':') {
            $keys = 1 + (array_pop($this->keys) ?? 0);
            $this->keys[] = $keys;

            return $keys > JsonSize::MOST_KEYS
                ? sprintf('An object in it has more than %d fields.', JsonSize::MOST_KEYS)
                : null;
        }
        if ($mark !== ',') {
            $this->keys[] = 0;
        }
        if (count($this->keys) > JsonSize::MOST_LEVELS) {
            return sprintf('The document goes deeper than %d levels.', JsonSize::MOST_LEVELS);
        }

        return ++$this->values > $this->size->mostValues
            ? sprintf('The document holds more than %d values.', $this->size->mostValues)
            : null;
    }

    /** Where it goes on behind a text that begins at $i. */
    private static function behindText(string $json, int $i, int $end): int
    {
        for ($i += strcspn($json, '"\\', $i); $i < $end && $json[$i] === '\\'; $i += strcspn($json, '"\\', $i)) {
            $i = min($end, $i + 2);
        }

        return $i + 1;
    }
}
