<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Data\ImportChange;
use App\Models\Moment;
use App\Models\Night;
use App\Models\Piece;
use App\Models\Room;
use App\Models\User;
use App\Models\Venue;
use App\Planning\MomentsStillFit;
use App\Planning\Quota;
use App\Planning\Turn;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Exchange\DocumentKind;
use Kaddle\Core\Exchange\ReadDocument;
use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Reading\Canonical;

/**
 * Takes a sound document into an account, as a whole or not at all.
 *
 * A record is known again by its uid within the account, so the same document can be taken
 * any number of times; a uid from another account is a new record here. A bag or a place
 * adds and changes; a night also loses the moments that its document does not have.
 */
final class Importer
{
    /** @var list<ImportChange> */
    private array $changes = [];

    private readonly int $total;

    /** @param \Closure(int, int): mixed $progress records done, and all */
    private function __construct(
        private readonly User $user,
        private readonly ReadDocument $document,
        private readonly \Closure $progress,
    ) {
        $this->total = $document->records();
    }

    /**
     * @param (\Closure(int, int): mixed)|null $progress told of records done, and all
     *
     * @return list<ImportChange>
     */
    public static function take(User $user, ReadDocument $document, ?\Closure $progress = null): array
    {
        return Turn::take($user->id, static fn(): array => (new self($user, $document, $progress ?? static fn() => null))->run());
    }

    /**
     * What taking it would change: it is taken and let go again.
     *
     * @param (\Closure(int, int): mixed)|null $progress told of records done, and all
     *
     * @return list<ImportChange>
     */
    public static function preview(User $user, ReadDocument $document, ?\Closure $progress = null): array
    {
        return Turn::take($user->id, static fn(): array => (new self($user, $document, $progress ?? static fn() => null))->run(), static fn(): bool => false);
    }

    /** @return list<ImportChange> */
    private function run(): array
    {
        $data = $this->document->data;
        match ($this->document->kind) {
            DocumentKind::Bag => $this->pieces(ReadDocument::objects($data['pieces'])),
            DocumentKind::Place => $this->place($data, ''),
            DocumentKind::Night => $this->night($data),
        };

        return $this->changes;
    }

    /**
     * @param list<array<string, mixed>> $documents
     *
     * @return array<string, Piece> by uid
     */
    private function pieces(array $documents): array
    {
        $known = $this->user->pieces()->whereIn('uid', array_column($documents, 'uid'))->get()->keyBy('uid');
        $pieces = [];
        foreach ($documents as $i => $document) {
            $uid = self::text($document, 'uid');
            $kind = PieceKind::from(self::text($document, 'piece'));
            $piece = $known[$uid] ?? new Piece(['uid' => $uid, 'kind' => $kind, 'data' => []]);
            if ($piece->kind !== $kind) {
                throw ValidationException::withMessages(["pieces.$i.piece" => "The piece with this identity is a {$piece->kind->inWords()} in your bag."]);
            }
            $data = array_diff_key($document, ['uid' => null, 'piece' => null]);
            $changed = $piece->exists && !Canonical::alike($piece->data, $data);
            if ($changed) {
                $piece->before = $piece->data;
            }
            $this->note('piece', self::text($document, 'name'), $piece->exists, $changed);
            $piece->data = $data;
            $piece->exists ? $piece->save() : $this->user->putIntoBag($piece);
            if ($changed) {
                MomentsStillFit::with($piece);
            }
            $pieces[$uid] = $piece;
        }

        return $pieces;
    }

    /**
     * @param array<string, mixed> $data
     * @param string $path where it stands in its document, with a dot behind
     *
     * @return array{Venue, array<string, Room>} rooms by uid
     */
    private function place(array $data, string $path): array
    {
        $venue = $this->user->venues()->where('uid', $data['uid'])->first() ?? new Venue(['uid' => $data['uid']]);
        $existed = $venue->exists;
        if (!$existed) {
            Quota::places($this->user);
        }
        $fields = array_intersect_key($data, array_flip(['name', 'zone', 'latitude', 'longitude'])) + ['mains' => $data['mains'] ?? Mains::Hz50->value, 'rules' => $data['rules'] ?? []];
        $changed = $existed && !Canonical::alike($fields, array_intersect_key($venue->document(), $fields));
        $this->user->venues()->save($venue->fill($fields));
        $this->note('place', $venue->name, $existed, $changed);

        return [$venue, $this->rooms($venue, ReadDocument::objects($data['rooms']), "{$path}rooms")];
    }

    /**
     * @param list<array<string, mixed>> $documents
     * @param string $path where they stand in their document
     *
     * @return array<string, Room> by uid
     */
    private function rooms(Venue $venue, array $documents, string $path): array
    {
        $known = $this->user->rooms()->with('venue')->whereIn('uid', array_column($documents, 'uid'))->get()->keyBy('uid');
        $rooms = [];
        foreach ($documents as $i => $document) {
            $uid = self::text($document, 'uid');
            $room = $known[$uid] ?? (new Room(['uid' => $uid]))->venue()->associate($venue);
            if ($room->venue_id !== $venue->id) {
                throw ValidationException::withMessages(["$path.$i.uid" => "The room with this identity belongs to “{$room->venue->name}”."]);
            }
            $existed = $room->exists;
            $before = $existed ? $room->wholeDocument() : [];
            $room->take($document);
            $changed = $existed && !Canonical::alike($before, $room->wholeDocument());
            $this->note('room', $room->name, $existed, $changed);
            if ($changed) {
                MomentsStillFit::inRoom($room);
            }
            $this->user->rooms()->save($room);
            $rooms[$uid] = $room;
        }
        if ($venue->rooms()->count() > DocumentKind::MOST_ROOMS) {
            throw ValidationException::withMessages([$path => sprintf('“%s” would have more than %d rooms.', $venue->name, DocumentKind::MOST_ROOMS)]);
        }

        return $rooms;
    }

    /** @param array<string, mixed> $data */
    private function night(array $data): void
    {
        [$venue, $rooms] = $this->place(ReadDocument::objects([$data['place']])[0], 'place.');
        $pieces = $this->pieces(ReadDocument::objects($data['pieces']));
        $night = $this->user->nights()->where('uid', $data['uid'])->first() ?? new Night(['uid' => $data['uid']]);
        $existed = $night->exists;
        if (!$existed) {
            Quota::nights($this->user);
        }
        $night->fill(['name' => $data['name'], 'held_on' => $data['date']])->venue()->associate($venue);
        $this->note('night', $night->name, $existed, $existed && $night->isDirty());
        $this->user->nights()->save($night);
        $this->moments($night, ReadDocument::objects($data['moments']), $rooms, $pieces);
    }

    /**
     * @param list<array<string, mixed>> $documents
     * @param array<string, Room> $rooms
     * @param array<string, Piece> $pieces
     */
    private function moments(Night $night, array $documents, array $rooms, array $pieces): void
    {
        /** @var Collection<string, Moment> $known */
        $known = $night->moments()->get()->keyBy('uid');
        foreach ($documents as $i => $document) {
            $uid = self::text($document, 'uid');
            $plan = ReadDocument::objects([$document['plan']])[0];
            $glow = $document['glow'];
            $dialled = $document['dialled'] ?? [];
            $moment = ($known[$uid] ?? new Moment(['uid' => $uid]))
                ->takeLight($this->document->lights[$i], is_array($glow) && ($glow['curve'] ?? false) === true)
                ->fill([
                    'room_id' => $rooms[self::text($document, 'room')]->id,
                    'name' => $plan['name'],
                    'starts_at' => self::text($plan, 'starts') . ':00',
                    'minutes' => $plan['minutes'],
                    'dialled_body' => is_array($dialled) ? $dialled['body'] ?? 0.0 : 0.0,
                    'dialled_exposure' => is_array($dialled) ? $dialled['exposure'] ?? 0.0 : 0.0,
                    'plan' => array_diff_key($plan, ['name' => null, 'starts' => null, 'minutes' => null]),
                ]);
            foreach (['body', 'lens', 'flash', 'modifier', 'gel'] as $kind) {
                $piece = self::text($document, $kind);
                $moment->setAttribute("{$kind}_id", $piece === '' ? null : $pieces[$piece]->id);
            }
            $this->note('moment', $moment->name, $moment->exists, $moment->exists && $moment->isDirty());
            $night->moments()->save($moment);
            unset($known[$uid]);
        }
        foreach ($known as $moment) {
            $this->changes[] = ImportChange::removed('moment', $moment->name);
            $moment->delete();
        }
    }

    private function note(string $what, string $name, bool $existed, bool $changed): void
    {
        $this->changes[] = ImportChange::of($what, $name, $existed, $changed);
        ($this->progress)(count($this->changes), $this->total);
    }

    /** @param array<string, mixed> $document */
    private static function text(array $document, string $name): string
    {
        return is_string($document[$name] ?? null) ? $document[$name] : '';
    }
}
