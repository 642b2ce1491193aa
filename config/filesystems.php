<?php

declare(strict_types=1);

return [
    'disks' => [
        // Nothing of it is served.
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false],
    ],
];
