<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exchange\Importing;
use App\Models\Import;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** A long document, taken in while somebody watches how far it is. */
final class TakeDocument implements ShouldQueue
{
    use Dispatchable;

    public int $tries = 1;

    public int $timeout = 600;

    public function __construct(
        private readonly int $import,
    ) {}

    public function handle(): void
    {
        $import = Import::query()->find($this->import);
        if ($import !== null) {
            Importing::finish($import);
        }
    }

    /** What broke is in the log; whoever waits is told that it did. */
    public function failed(): void
    {
        Importing::giveUp($this->import);
    }
}
