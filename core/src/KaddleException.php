<?php

declare(strict_types=1);

namespace Kaddle\Core;

use Kaddle\Core\Quantity\Sentence;

/** Everything this package throws on purpose carries this marker. */
interface KaddleException extends \Throwable
{
    /** What is wrong, with its quantities. */
    public function sentence(): Sentence;
}
