<?php

declare(strict_types=1);

use App\Http\UnreadRequest;
use Illuminate\Foundation\Application;

require __DIR__ . '/../vendor/autoload.php';

/** @var Application $app */
$app = require __DIR__ . '/../bootstrap/app.php';

$app->handleRequest(UnreadRequest::capture());
