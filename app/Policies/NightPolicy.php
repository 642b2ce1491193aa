<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Night;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A night belongs to its owner; to everybody else it does not exist. */
final class NightPolicy
{
    public function view(User $user, Night $night): Response
    {
        return $this->owner($user, $night);
    }

    public function update(User $user, Night $night): Response
    {
        return $this->owner($user, $night);
    }

    public function delete(User $user, Night $night): Response
    {
        return $this->owner($user, $night);
    }

    private function owner(User $user, Night $night): Response
    {
        return $night->user_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}
