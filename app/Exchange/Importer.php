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
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Exchange\DocumentKind;
use Kaddle\Core\Exchange\ReadDocument;
use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Intake\Canonical;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Score\Favour;

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
        return Turn::take(
            $user->id,
            static fn(): array => (new self($user, $document, $progress ?? static fn() => null))->run(),
        );
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
        return Turn::take(
            $user->id,
            static fn(): array => (new self($user, $document, $progress ?? static fn() => null))->run(),
            static fn(): bool => false,
        );
    }

    /** @return list<ImportChange> */
    private function run(): array
    {
        $document = $this->document->document;
        match ($this->document->kind) {
            DocumentKind::Bag => $this->pieces($document->records('pieces')),
            DocumentKind::Place => $this->place($document, ''),
            DocumentKind::Night => $this->night($document),
        };

        return $this->changes;
    }

    /**
     * @param list<Record> $documents
     *
     * @return array<string, Piece> by uid
     */
    private function pieces(array $documents): array
    {
        $known = $this->user->pieces()->whereIn(
            'uid',
            array_map(static fn(Record $d): string => $d->text('uid'), $documents),
        )->get()->keyBy('uid');
        $pieces = [];
        foreach ($documents as $i => $document) {
            $uid = $document->text('uid');
            $kind = $document->choice('piece', PieceKind::class);
            $piece = $known[$uid] ?? new Piece(['uid' => $uid, 'kind' => $kind, 'data' => []]);
            if ($piece->kind !== $kind) {
                throw ValidationException::withMessages(
                    ["pieces.$i.piece" => "The piece with this identity is a {$piece->kind->inWords()} in your bag."],
                );
            }
            $data = array_diff_key($document->toArray(), ['uid' => null, 'piece' => null]);
            $changed = $piece->exists && !Canonical::alike($piece->data, $data);
            if ($changed) {
                $piece->before = $piece->data;
            }
            $this->note('piece', $document->text('name'), $piece->exists, $changed);
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
     * @param string $path where it stands in its document, with a dot behind
     *
     * @return array{Venue, array<string, Room>} rooms by uid
     */
    private function place(Record $place, string $path): array
    {
        $venue = $this->user->venues()->where('uid', $place->text('uid'))->first() ?? new Venue(
            ['uid' => $place->text('uid')],
        );
        $existed = $venue->exists;
        if (!$existed) {
            Quota::places($this->user);
        }
        $fields = array_diff_key(
            $place->toArray(),
            ['format' => null, 'version' => null, 'uid' => null, 'rooms' => null],
        ) + ['mains' => Mains::Hz50->value, 'rules' => []];
        $changed = $existed && !Canonical::alike($fields, array_intersect_key($venue->document(), $fields));
        $this->user->venues()->save($venue->fill($fields));
        $this->note('place', $venue->name, $existed, $changed);

        return [$venue, $this->rooms($venue, $place->records('rooms'), "{$path}rooms")];
    }

    /**
     * @param list<Record> $documents
     * @param string $path where they stand in their document
     *
     * @return array<string, Room> by uid
     */
    private function rooms(Venue $venue, array $documents, string $path): array
    {
        $known = $this->user->rooms()->with('venue')->whereIn(
            'uid',
            array_map(static fn(Record $d): string => $d->text('uid'), $documents),
        )->get()->keyBy('uid');
        $rooms = [];
        foreach ($documents as $i => $document) {
            $uid = $document->text('uid');
            $room = $known[$uid] ?? (new Room(['uid' => $uid]))->venue()->associate($venue);
            if ($room->venue_id !== $venue->id) {
                throw ValidationException::withMessages(
                    ["$path.$i.uid" => "The room with this identity belongs to “{$room->venue->name}”."],
                );
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
            throw ValidationException::withMessages(
                [$path => sprintf('“%s” would have more than %d rooms.', $venue->name, DocumentKind::MOST_ROOMS)],
            );
        }

        return $rooms;
    }

    private function night(Record $document): void
    {
        [$venue, $rooms] = $this->place($document->record('place'), 'place.');
        $pieces = $this->pieces($document->records('pieces'));
        $uid = $document->text('uid');
        $night = $this->user->nights()->where('uid', $uid)->first() ?? new Night(['uid' => $uid]);
        $existed = $night->exists;
        if (!$existed) {
            Quota::nights($this->user);
        }
        $night->fill(
            ['name' => $document->text('name'), 'held_on' => $document->text('date'), 'favour' => $document->choice('favour', Favour::class)],
        )->venue()->associate($venue);
        $this->note('night', $night->name, $existed, $existed && $night->isDirty());
        $this->user->nights()->save($night);
        $this->moments($night, $document->records('moments'), $rooms, $pieces);
    }

    /**
     * @param list<Record> $documents
     * @param array<string, Room> $rooms
     * @param array<string, Piece> $pieces
     */
    private function moments(Night $night, array $documents, array $rooms, array $pieces): void
    {
        /** @var Collection<string, Moment> $known */
        $known = $night->moments()->get()->keyBy('uid');
        foreach ($documents as $document) {
            $uid = $document->text('uid');
            $moment = ($known[$uid] ?? new Moment(['uid' => $uid]))->takePlan($document->record('plan'))->fill([
                'settings' => MomentForm::settings()->stored($document->toArray()),
                'room_id' => $rooms[$document->text('room')]->id,
            ]);
            foreach (['body', 'lens', 'flash', 'modifier', 'gel', 'otherGel'] as $name) {
                $moment->setAttribute(Str::snake($name) . '_id', $document->has($name) ? $pieces[$document->text($name)]->id : null);
            }
            $this->note('moment', $moment->name, $moment->exists, $moment->exists && $moment->isDirty());
            $night->moments()->save($moment);
            unset($known[$uid]);
        }
        foreach ($known as $moment) {
            $this->changes[] = new ImportChange('moment', $moment->name, 'removed');
            $moment->delete();
        }
    }

    private function note(string $what, string $name, bool $existed, bool $changed): void
    {
        $this->changes[] = new ImportChange($what, $name, match (true) {
            !$existed => 'new',
            $changed => 'changed',
            default => 'same',
        });
        ($this->progress)(count($this->changes), $this->total);
    }
}
