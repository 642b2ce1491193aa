<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\ChangeChoice;
use App\Data\ChangeData;
use App\Data\Named;
use App\Exchange\NightChange;
use App\Models\Night;
use App\Models\Piece;
use App\Models\Room;
use App\Models\User;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Night\ChangeKind;

/** What may turn out otherwise in a night. */
final class ChangePage
{
    private function __construct() {}

    public static function of(Night $night, User $user): ChangeData
    {
        $pieces = static fn(PieceKind $kind): array => array_values($user->pieces()->where('kind', $kind)->orderBy('id')->get()
            ->map(static fn(Piece $p): Named => new Named($p->uid, $p->name()))->all());

        return new ChangeData(
            array_map(static fn(ChangeKind $k): ChangeChoice => new ChangeChoice($k, $k->inWords(), [...$k->needs(), ...$k->knows()]), ChangeKind::cases()),
            array_values($night->venue->rooms->map(static fn(Room $r): Named => new Named($r->uid, $r->name))->all()),
            $pieces(PieceKind::Lens),
            $pieces(PieceKind::Flash),
            NightChange::canUndo($night) ? $night->kept['sentence'] ?? null : null,
        );
    }
}
