<?php

declare(strict_types=1);

namespace App\Operations;

use Illuminate\Support\Facades\DB;

/** What Kaddle needs to be well, each looked at afresh. */
final class Health
{
    /** Bytes that must be free where data lies. */
    private const LEAST_FREE = 100 * 1024 * 1024;

    /** Seconds after which work that waits shows that nobody does it. */
    private const LONGEST_WAIT = 120;

    private function __construct() {}

    /** @return array<string, array{well: bool, told: string}> */
    public static function parts(): array
    {
        return array_map(self::look(...), [
            'database' => self::database(...),
            'disk' => self::disk(...),
            'queue' => self::queue(...),
        ]);
    }

    /**
     * @param \Closure(): array{bool, string} $part
     *
     * @return array{well: bool, told: string}
     */
    private static function look(\Closure $part): array
    {
        try {
            [$well, $told] = $part();
        } catch (\Throwable $e) {
            report($e);
            [$well, $told] = [false, 'does not answer'];
        }

        return ['well' => $well, 'told' => $told];
    }

    /** @return array{bool, string} */
    private static function database(): array
    {
        DB::select('select 1');

        return [true, 'answers'];
    }

    /** @return array{bool, string} */
    private static function disk(): array
    {
        $free = (float) disk_free_space(storage_path());
        $isWritable = is_writable(storage_path('framework'));

        return [
            $isWritable && $free > self::LEAST_FREE,
            $isWritable ? sprintf('%.1f GB free', $free / 1e9) : 'cannot be written',
        ];
    }

    /** @return array{bool, string} */
    private static function queue(): array
    {
        $oldest = DB::table('jobs')->whereNull('reserved_at')->min('available_at');
        $waits = is_numeric($oldest) ? max(0, time() - (int) $oldest) : 0;

        return [$waits < self::LONGEST_WAIT, sprintf('the oldest waits %d s', $waits)];
    }
}
