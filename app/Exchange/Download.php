<?php

declare(strict_types=1);

namespace App\Exchange;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;

/** Files that leave Kaddle. */
final class Download
{
    private function __construct() {}

    /**
     * For people to read.
     *
     * @param array<string, mixed>|object $document
     */
    public static function json(string $name, array|object $document): JsonResponse
    {
        return (new JsonResponse($document, options: JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION))
            ->header('Content-Disposition', self::named($name, 'json'));
    }

    /**
     * For programs, and as short as it can be: a night of 300 moments comes in where it went out.
     *
     * @param array<string, mixed> $document
     */
    public static function document(string $name, array $document): JsonResponse
    {
        return (new JsonResponse($document, options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION))
            ->header('Content-Disposition', self::named($name, 'json'));
    }

    /** Header for a file of this name. */
    public static function named(string $name, string $extension): string
    {
        $plain = Str::slug($name);

        return sprintf('attachment; filename="%s.%s"', $plain === '' ? 'kaddle' : $plain, $extension);
    }
}
