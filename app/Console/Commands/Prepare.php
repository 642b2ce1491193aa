<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;

/**
 * All that bin/start has to do before the servers run, in one go: each command on its own would load
 * everything again.
 */
final class Prepare extends Command
{
    protected $signature = 'prepare';

    protected $description = 'Brings the database up to date, seeds the demo once, and caches settings, routes and views';

    public function handle(): int
    {
        foreach ([['migrate', ['--force' => true]], ['db:seed', ['--force' => true]], ['config:cache', []], ['route:cache', []], ['view:cache', []]] as [$command, $options]) {
            if ($this->call($command, $options) !== self::SUCCESS) {
                return self::FAILURE;
            }
        }

        return self::SUCCESS;
    }
}
