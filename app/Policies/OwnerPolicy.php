<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Import;
use App\Models\Night;
use App\Models\Piece;
use App\Models\Room;
use App\Models\User;
use App\Models\Venue;
use Illuminate\Auth\Access\Response;

/** A record belongs to its account; to everybody else it does not exist. */
final class OwnerPolicy
{
    public function view(User $user, Import|Night|Piece|Room|Venue $record): Response
    {
        return $this->owner($user, $record);
    }

    public function update(User $user, Import|Night|Piece|Room|Venue $record): Response
    {
        return $this->owner($user, $record);
    }

    public function delete(User $user, Import|Night|Piece|Room|Venue $record): Response
    {
        return $this->owner($user, $record);
    }

    private function owner(User $user, Import|Night|Piece|Room|Venue $record): Response
    {
        return $record->user_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}
