<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests;

use PHPUnit\Framework\Assert;

/** Texts that are kept beside the tests: a change of one is seen in the diff, and read through. */
final class Golden
{
    private function __construct() {}

    /**
     * Holds lines against a kept text; KADDLE_GOLDEN=write makes them the kept text.
     *
     * @param string $name of a file in golden/
     * @param list<string> $lines
     */
    public static function assertSame(string $name, array $lines): void
    {
        $file = __DIR__ . "/golden/$name.txt";
        $text = implode("\n", $lines) . "\n";
        if (getenv('KADDLE_GOLDEN') === 'write') {
            file_put_contents($file, $text);
        }
        Assert::assertSame((string) file_get_contents($file), $text);
    }

    /**
     * A document, a line for each part of each part.
     *
     * @param list<string> $without parts that are left out
     *
     * @return list<string>
     */
    public static function told(object $document, array $without = []): array
    {
        /** @var array<string, mixed> $parts */
        $parts = json_decode(json_encode($document, JSON_THROW_ON_ERROR), true, 32, JSON_THROW_ON_ERROR);
        $lines = [];
        foreach ($parts as $name => $part) {
            foreach (is_array($part) ? $part : ['' => $part] as $key => $value) {
                if (!in_array($key, $without, true)) {
                    $lines[] = rtrim("$name $key") . ' ' . json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
                }
            }
        }

        return $lines;
    }
}
