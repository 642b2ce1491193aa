<?php

declare(strict_types=1);

namespace Kaddle\Core;

/** Everything this package throws on purpose carries this marker. */
interface KaddleException extends \Throwable {}
