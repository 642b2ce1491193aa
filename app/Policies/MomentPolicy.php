<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Moment;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A moment belongs to the owner of its night; to everybody else it does not exist. */
final class MomentPolicy
{
    public function view(User $user, Moment $moment): Response
    {
        return $this->owner($user, $moment);
    }

    public function update(User $user, Moment $moment): Response
    {
        return $this->owner($user, $moment);
    }

    public function delete(User $user, Moment $moment): Response
    {
        return $this->owner($user, $moment);
    }

    private function owner(User $user, Moment $moment): Response
    {
        return $moment->ownerId() === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}
