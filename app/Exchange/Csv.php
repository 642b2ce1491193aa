<?php

declare(strict_types=1);

namespace App\Exchange;

use Illuminate\Http\Response;

/** A table as comma-separated values (RFC 4180), which a sheet cannot mistake for formulas. */
final class Csv
{
    private function __construct() {}

    /**
     * @param list<string> $head
     * @param list<list<string|int|float|null>> $rows
     */
    public static function download(string $name, array $head, array $rows): Response
    {
        $lines = array_map(self::line(...), [$head, ...$rows]);

        return new Response(implode('', $lines), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => Download::named($name, 'csv'),
        ]);
    }

    /** @param list<string|int|float|null> $cells */
    private static function line(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells)) . "\r\n";
    }

    private static function cell(string|int|float|null $value): string
    {
        if (!is_string($value)) {
            return $value === null ? '' : (string) $value;
        }
        $safe = preg_match('/^[=+\-@\t\r]/', $value) === 1 ? "'$value" : $value;

        return '"' . str_replace('"', '""', $safe) . '"';
    }
}
