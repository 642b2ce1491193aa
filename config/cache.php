<?php

declare(strict_types=1);

return [
    'stores' => [
        // What is quick to lose and slow to work out; the shell has no such memory and works it out.
        'shared' => ['driver' => env('SHARED_MEMORY', 'apc')],
    ],
];
