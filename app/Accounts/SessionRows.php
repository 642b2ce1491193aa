<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Session\DatabaseSessionHandler;

/**
 * Sessions as rows that are written when they change, and else once a minute.
 *
 * Every step on the bench asks with the same session; a row written each time would have
 * to reach the disk each time.
 */
final class SessionRows extends DatabaseSessionHandler
{
    /** Seconds after which a row that has not changed tells anew that somebody is there. */
    private const FRESH = 60;

    /** @var array{string, string|false} number and contents of the session that was read */
    private array $read = ['', false];

    private int $lastActivity = 0;

    public function read($sessionId): string|false
    {
        $data = parent::read($sessionId);
        $this->read = [$sessionId, $data];

        return $data;
    }

    public function write($sessionId, $data): bool
    {
        return ($this->read === [$sessionId, $data] && $this->lastActivity > time() - self::FRESH) || parent::write($sessionId, $data);
    }

    /** @param \stdClass $session the row, or nothing where there is none */
    protected function expired($session)
    {
        $this->lastActivity = isset($session->last_activity) && is_int($session->last_activity)
            ? $session->last_activity
            : 0;

        return parent::expired($session);
    }
}
