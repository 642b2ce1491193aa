<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Database\Eloquent\Model;

/** Accounts as the framework looks for them, whatever a cookie says. */
final class Accounts extends EloquentUserProvider
{
    /** @return (Authenticatable&Model)|null */
    public function retrieveById($identifier)
    {
        return self::isNumber($identifier) ? parent::retrieveById($identifier) : null;
    }

    /** @return (Authenticatable&Model)|null */
    public function retrieveByToken($identifier, #[\SensitiveParameter] $token)
    {
        return self::isNumber($identifier) ? parent::retrieveByToken($identifier, $token) : null;
    }

    private static function isNumber(mixed $identifier): bool
    {
        return is_int($identifier) || (is_string($identifier) && preg_match('/^[0-9]{1,18}$/D', $identifier) === 1);
    }
}
