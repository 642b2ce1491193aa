<?php

declare(strict_types=1);

return [
    'name' => 'Kaddle',
    'timezone' => 'UTC',
];
