<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Operations\Health;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** How Kaddle is, for the owner of its machine: what bin/state shows while it runs. */
final class State extends Command
{
    private const KEPT = ['users', 'nights', 'moments', 'rooms', 'pieces', 'sessions', 'jobs'];

    protected $signature = 'state';

    protected $description = 'Tells health, size and what is stored';

    public function handle(): int
    {
        $well = true;
        foreach (Health::parts() as $part => ['well' => $isWell, 'told' => $told]) {
            $this->line(sprintf('  %-10s %s%s', $part, $isWell ? '' : 'NOT WELL: ', $told));
            $well = $well && $isWell;
        }
        if ($well) {
            $size = DB::scalar('select pg_database_size(current_database())');
            $this->line(sprintf('  %-10s %.1f MB', 'size', (is_numeric($size) ? (float) $size : 0.0) / 1e6));
            foreach (self::KEPT as $table) {
                $this->line(sprintf('  %-10s %d', $table, DB::table($table)->count()));
            }
            $this->line(
                sprintf(
                    '  %-10s %d not confirmed',
                    'addresses',
                    DB::table('users')->whereNull('confirmed_at')->count(),
                ),
            );
        }

        return $well ? self::SUCCESS : self::FAILURE;
    }
}
