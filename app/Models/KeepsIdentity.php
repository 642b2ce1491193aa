<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;

/** A record with a uid: what keeps it itself when it is taken elsewhere and back. */
trait KeepsIdentity
{
    use HasUuids;

    /** @return list<string> */
    public function uniqueIds(): array
    {
        return ['uid'];
    }
}
