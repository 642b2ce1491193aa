<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Lets go of what is over: bin/start runs it every hour. */
final class Sweep extends Command
{
    protected $signature = 'sweep';

    protected $description = 'Removes sessions, tries, keys and imports that are over';

    public function handle(): int
    {
        $now = time();
        $lifetime = config('session.lifetime');
        // Somebody who never signed in has left nothing but a visit.
        DB::table('sessions')->whereNull('user_id')->where('last_activity', '<', $now - 2 * 3600)->delete();
        DB::table('sessions')->where('last_activity', '<', $now - 60 * (is_int($lifetime) ? $lifetime : 0))->delete();
        DB::table('tries')->where('last_at', '<', now()->subDay())->delete();
        DB::table('imports')->where('created_at', '<', now()->subWeek())->delete();
        // The link of a registration works for three days; an account that was never confirmed holds nothing.
        DB::table('users')->whereNull('confirmed_at')->where('created_at', '<', now()->subWeek())->delete();
        $this->callSilently('auth:clear-resets');

        return self::SUCCESS;
    }
}
