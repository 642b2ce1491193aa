<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Counts tries in the database, where tries at the same instant cannot pass each other.
 *
 * A try is counted before it is made, and one that has to wait is not counted. After an
 * hour without any the count begins anew.
 */
final class Tries
{
    private const TAKE = <<<'SQL'
        insert into tries as t (key, count, last_at, free_at) values (:key, 1, clock_timestamp(), clock_timestamp())
        on conflict (key) do update set
            count = case when t.last_at < clock_timestamp() - interval '1 hour' then 1 else t.count + 1 end,
            last_at = clock_timestamp(),
            free_at = clock_timestamp() + make_interval(secs => case
                when t.count + 1 <= :free or t.last_at < clock_timestamp() - interval '1 hour' then 0
                else least(:longest, power(2, least(t.count - :free2, 20)))
            end)
        where t.free_at <= clock_timestamp()
        returning count
        SQL;

    private function __construct() {}

    /** @throws ValidationException while any of the limits has to wait; then none of them counts the try */
    public static function take(string $field, TryLimit ...$range): void
    {
        usort($range, static fn(TryLimit $a, TryLimit $b): int => $a->key <=> $b->key); // locked in one order
        DB::transaction(static function () use ($field, $range): void {
            foreach ($range as $limit) {
                $taken = DB::select(
                    self::TAKE,
                    [
                        'key' => $limit->key,
                        'free' => $limit->free,
                        'free2' => $limit->free,
                        'longest' => $limit->longest,
                    ],
                );
                if ($taken === []) {
                    throw self::wait($field, $limit);
                }
            }
        }, attempts: 3);
    }

    /** Somebody who got in made no guess: what was counted for him alone is forgotten, and elsewhere this one try. */
    public static function forgive(TryLimit ...$range): void
    {
        foreach ($range as $limit) {
            $counted = DB::table('tries')->where('key', $limit->key);
            $limit->isShared ? $counted->update(['count' => DB::raw('greatest(count - 1, 0)')]) : $counted->delete();
        }
    }

    private static function wait(string $field, TryLimit $limit): ValidationException
    {
        $seconds = DB::scalar(
            'select ceil(extract(epoch from free_at - clock_timestamp())) from tries where key = ?',
            [$limit->key],
        );
        $seconds = max(1, is_numeric($seconds) ? (int) $seconds : 1);

        return ValidationException::withMessages([
            $field => sprintf(
                'Too many tries. Wait %s and try again.',
                $seconds === 1 ? 'a second' : "$seconds seconds",
            ),
        ])->status(429);
    }
}
