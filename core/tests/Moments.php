<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests;

use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\Solution;
use LogicException;

/** Moment documents for tests: the supper of the examples, with changes. */
final class Moments
{
    private function __construct() {}

    /** @return array<array-key, mixed> */
    public static function supper(): array
    {
        $data = json_decode((string) file_get_contents(__DIR__ . '/../examples/supper.json'), true, 16, JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : [];
    }

    /**
     * @param array<string, mixed> $changes dotted path => value
     *
     * @return array<array-key, mixed>
     */
    public static function documentWith(array $changes): array
    {
        $document = self::supper();
        foreach ($changes as $path => $value) {
            $document = self::set($document, explode('.', $path), $value);
        }

        return $document;
    }

    /** @param array<string, mixed> $changes dotted path => value */
    public static function with(array $changes): Moment
    {
        return MomentReader::fromArray(self::documentWith($changes));
    }

    /** @return array<string, string> */
    public static function everywhere(string $finish): array
    {
        return array_fill_keys(['ceiling', 'floor', 'back', 'far', 'right', 'left'], $finish);
    }

    /**
     * @param array<array-key, mixed> $document
     * @param non-empty-list<string> $path
     *
     * @return array<array-key, mixed>
     */
    private static function set(array $document, array $path, mixed $value): array
    {
        $name = array_shift($path);
        $inner = $document[$name] ?? [];
        $document[$name] = $path === [] ? $value : self::set(is_array($inner) ? $inner : [], $path, $value);

        return $document;
    }

    /** Where the head points so, whether it is a way or none. */
    public static function candidate(Solution $solution, HeadAim $aim): Candidate
    {
        foreach ([...$solution->candidates, ...$solution->leftOut] as $candidate) {
            if ($candidate->light->aim === $aim) {
                return $candidate;
            }
        }

        throw new LogicException("no candidate {$aim->value}");
    }
}
