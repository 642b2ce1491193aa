<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

/** @internal enums as choices */
final class Words
{
    private function __construct() {}

    /** @param non-empty-list<\BackedEnum> $cases each with a method inWords() */
    public static function choice(array $cases): ChoiceKind
    {
        return ChoiceKind::of(self::options($cases));
    }

    /** @param non-empty-list<\BackedEnum> $cases each with a method inWords() */
    public static function choices(array $cases): ChoicesKind
    {
        return ChoicesKind::of(self::options($cases));
    }

    /**
     * @param non-empty-list<\BackedEnum> $cases
     *
     * @return non-empty-array<string, string>
     */
    private static function options(array $cases): array
    {
        $options = [];
        foreach ($cases as $case) {
            $words = method_exists($case, 'inWords') ? $case->inWords() : $case->value;
            $options[(string) $case->value] = is_string($words) ? $words : (string) $case->value;
        }

        return $options;
    }
}
