<?php

declare(strict_types=1);

return [
    'driver' => 'file',
    // Two weeks: long enough to plan on one weekend and shoot on the next without signing in again.
    'lifetime' => 20_160,
    'cookie' => 'kaddle_session',
];
