<?php

declare(strict_types=1);

namespace App\Types;

use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Plan\FieldLimits;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\RoomKind;

/** Ranges and words that the page offers, from the core. */
final class Constants
{
    private function __construct() {}

    public static function asTypeScript(): string
    {
        return self::constant('limits', 'Ranges by field: least, most, sensible step, unit.', FieldLimits::all())
            . self::constant('finishes', 'Finishes in words.', self::finishes())
            . self::constant('roomKinds', 'Kinds of rooms to start from, with usual sizes (m) and finishes.', self::roomKinds())
            . self::constant('aims', 'Ways to point the head, in words.', self::aims());
    }

    /** @return array<string, string> */
    private static function finishes(): array
    {
        $words = [];
        foreach (Finish::cases() as $finish) {
            $words[$finish->value] = $finish->inWords();
        }

        return $words;
    }

    /** @return array<string, array<string, mixed>> */
    private static function roomKinds(): array
    {
        $kinds = [];
        foreach (RoomKind::cases() as $kind) {
            [$length, $width, $height] = $kind->metres();
            $finishes = [];
            foreach (Face::cases() as $face) {
                $finishes[$face->value] = $kind->finish($face)->value;
            }
            $kinds[$kind->value] = [
                'label' => $kind->inWords(),
                'room' => ['length' => $length, 'width' => $width, 'height' => $height, 'finishes' => $finishes],
            ];
        }

        return $kinds;
    }

    /** @return array<string, string> */
    private static function aims(): array
    {
        $words = [];
        foreach (HeadAim::cases() as $aim) {
            $words[$aim->value] = $aim->inWords();
        }

        return $words;
    }

    /** @param array<string, mixed> $value */
    private static function constant(string $name, string $comment, array $value): string
    {
        $json = json_encode($value, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);

        return "/** $comment */\nexport const $name = $json as const;\n\n";
    }
}
