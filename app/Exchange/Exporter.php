<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Moment;
use App\Models\Night;
use App\Models\Piece;
use App\Models\Room;
use App\Models\User;
use App\Models\Venue;
use Illuminate\Support\Collection;
use Kaddle\Core\Exchange\DocumentKind;

/** Bags, places and nights as documents that Importer and DocumentReader take. */
final class Exporter
{
    private function __construct() {}

    /** @return array<string, mixed> */
    public static function bag(User $user): array
    {
        return self::envelope(DocumentKind::Bag) + ['pieces' => self::pieces($user->pieces()->orderBy('id')->get())];
    }

    /** @return array<string, mixed> */
    public static function place(Venue $venue): array
    {
        return self::envelope(DocumentKind::Place) + self::venue($venue);
    }

    /**
     * With its place and all gear that it uses, so that it stands on its own.
     *
     * @param list<Piece> $beside gear that it does not use
     *
     * @return array<string, mixed>
     */
    public static function night(Night $night, array $beside = []): array
    {
        $moments = $night->wholeMoments();
        $pieces = $moments->flatMap(static fn(Moment $m): array => $m->gear());

        return self::envelope(DocumentKind::Night) + [
            'uid' => $night->uid,
            'name' => $night->name,
            'date' => $night->held_on->toDateString(),
            'favour' => $night->favour->value,
            'place' => self::venue($night->venue),
            'pieces' => self::pieces($pieces->concat($beside)->unique('id')->sortBy('id')),
            'moments' => array_values($moments->map(self::moment(...))->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function envelope(DocumentKind $kind): array
    {
        return ['format' => $kind->value, 'version' => DocumentKind::VERSION];
    }

    /** @return array<string, mixed> */
    private static function venue(Venue $venue): array
    {
        return $venue->document() + [
            'rooms' => array_values($venue->rooms->map(static fn(Room $r): array => $r->wholeDocument())->all()),
        ];
    }

    /**
     * @param Collection<int, Piece> $pieces
     *
     * @return list<array<string, mixed>>
     */
    private static function pieces(Collection $pieces): array
    {
        return array_values(
            $pieces->map(
                static fn(Piece $p): array => ['uid' => $p->uid, 'piece' => $p->kind->value] + $p->data,
            )->all(),
        );
    }

    /** @return array<string, mixed> */
    private static function moment(Moment $moment): array
    {
        return [
            'uid' => $moment->uid,
            'plan' => $moment->wholePlan()->toArray(),
            'room' => $moment->room->uid,
            'body' => $moment->body->uid,
            'lens' => $moment->lens->uid,
            'flash' => $moment->flash->uid,
            ...($moment->modifier === null ? [] : ['modifier' => $moment->modifier->uid]),
            ...($moment->gel === null ? [] : ['gel' => $moment->gel->uid]),
            ...($moment->otherGel === null ? [] : ['otherGel' => $moment->otherGel->uid]),
            ...$moment->settings->toArray(),
        ];
    }
}
