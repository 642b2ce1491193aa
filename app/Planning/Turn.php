<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Facades\DB;

/**
 * One account stores one thing at a time: limits hold, nothing is overwritten unseen, and no two
 * wait for ever for each other.
 */
final class Turn
{
    /** How long a turn is waited for; the longest that anything holds one is a long import. */
    private const PATIENCE = '20s';

    private function __construct() {}

    /**
     * @template T
     *
     * @param \Closure(): T $do
     * @param (\Closure(T): bool)|null $isDone whether its outcome is one to keep; always, unless given
     *
     * @return T
     */
    public static function take(int $userId, \Closure $do, ?\Closure $isDone = null): mixed
    {
        DB::beginTransaction();
        try {
            DB::statement(sprintf("set local lock_timeout = '%s'", self::PATIENCE));
            DB::select('select pg_advisory_xact_lock(?)', [$userId]);
            $outcome = $do();
        } catch (\Throwable $e) {
            DB::rollBack();

            throw $e;
        }
        $isDone === null || $isDone($outcome) ? DB::commit() : DB::rollBack();

        return $outcome;
    }
}
