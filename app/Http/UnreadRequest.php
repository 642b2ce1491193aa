<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;

/** A request whose JSON nobody reads before it is known who asks; see the middleware ReadBody. */
final class UnreadRequest extends Request
{
    /**
     * @param string|null $key
     * @param mixed $default
     *
     * @return ($key is null ? InputBag<bool|float|int|string|null> : mixed)
     */
    public function json($key = null, $default = null)
    {
        $this->json ??= new InputBag([]);

        return parent::json($key, $default);
    }
}
