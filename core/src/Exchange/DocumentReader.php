<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Gear\EarlierGear;
use Kaddle\Core\Gear\MomentParts;
use Kaddle\Core\Intake\Faults;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Fields;
use Kaddle\Core\Intake\Json;
use Kaddle\Core\Intake\JsonSize;
use Kaddle\Core\Intake\Record;

/**
 * Start here with a document from outside: a bag, a place or a night, as a whole or not at all.
 *
 * Everything that a night refers to lies in the document itself, so a document is either
 * sound or told to be unsound without a look at what is stored.
 */
final class DocumentReader
{
    /** What it may hold decides, by number and length of everything; this is more than the largest takes as it leaves. */
    public const MOST_BYTES = 16_777_216;

    /** The largest night: 300 moments of 80 values and 1800 of lamps, 60 rooms of 2500, 500 pieces of 150. */
    private const MOST_VALUES = 900_000;

    /** Kind of piece by the field of a moment that names it. */
    private const GEAR = ['body' => 'body', 'lens' => 'lens', 'flash' => 'flash', 'modifier' => 'modifier', 'gel' => 'gel', 'otherGel' => 'gel'];

    /** @var array<string, true> */
    private array $identities = [];

    private function __construct(
        private readonly Faults $faults,
    ) {}

    /** @throws FaultyDocument */
    public static function fromJson(string $json): ReadDocument
    {
        $data = Json::read($json, JsonSize::of(self::MOST_BYTES, self::MOST_VALUES));
        if (!is_array($data) || array_is_list($data)) {
            throw FaultyDocument::asAWhole('A document of Kaddle is a JSON object.');
        }
        $format = $data['format'] ?? null;
        $kind = is_string($format) ? DocumentKind::tryFrom($format) : null;
        if ($kind === null) {
            throw FaultyDocument::asAWhole(
                'The format must be one of: ' . implode(
                    ', ',
                    array_map(static fn(DocumentKind $k): string => $k->value, DocumentKind::cases()),
                ) . '.',
            );
        }
        $version = $data['version'] ?? null;
        if ($version !== DocumentKind::VERSION && $version !== EarlierGear::VERSION) {
            throw FaultyDocument::asAWhole(DocumentKind::unknownVersion());
        }

        return (new self(new Faults()))->read($kind, $version === EarlierGear::VERSION ? self::takenOver($data) : $data);
    }

    /**
     * @param array<array-key, mixed> $data of the first version
     *
     * @return array<array-key, mixed>
     */
    private static function takenOver(array $data): array
    {
        $data['version'] = DocumentKind::VERSION;
        if (is_array($data['pieces'] ?? null)) {
            $data['pieces'] = array_map(
                static fn(mixed $piece): mixed => is_array($piece) ? EarlierGear::piece($piece) : $piece,
                $data['pieces'],
            );
        }

        return $data;
    }

    /** @param array<array-key, mixed> $data */
    private function read(DocumentKind $kind, array $data): ReadDocument
    {
        $document = $kind->shape()->read(Fields::of($data, '', $this->faults));
        if ($kind !== DocumentKind::Night || $document->isSound('pieces')) {
            $this->mustBeAlone($document, $kind === DocumentKind::Night ? ['pieces', 'moments'] : ['pieces', 'rooms']);
        }
        if ($kind === DocumentKind::Night) {
            $this->mustBeAlone($document->record('place'), ['rooms']);
            $this->momentsMustFit($document);
        }
        $this->faults->mustBeNone();

        return ReadDocument::of($kind, $document);
    }

    /**
     * Each identity once in the whole document.
     *
     * @param list<string> $lists
     */
    private function mustBeAlone(Record $of, array $lists): void
    {
        foreach ($lists as $list) {
            foreach ($of->records($list) as $record) {
                $this->note($record);
            }
        }
        $this->note($of);
    }

    private function note(Record $record): void
    {
        if (!$record->has('uid') || !$record->isSound('uid')) {
            return;
        }
        $uid = $record->text('uid');
        if (isset($this->identities[$uid])) {
            $record->fault('uid', "The identity $uid is given twice.");
        }
        $this->identities[$uid] = true;
    }

    /** Whether the room and the gear of each moment are there, and it can be reckoned with. */
    private function momentsMustFit(Record $night): void
    {
        if (!$night->isSound('place', 'pieces')) {
            return;
        }
        $rooms = self::byUid($night->record('place')->records('rooms'));
        $pieces = [];
        foreach ($night->records('pieces') as $piece) {
            $pieces[$piece->text('piece')][$piece->text('uid')] = $piece;
        }
        foreach ($night->records('moments') as $moment) {
            if ($moment->isSound()) {
                self::mustFit($moment, $rooms, $pieces);
            }
        }
    }

    /**
     * @param array<string, Record> $rooms by identity
     * @param array<string, array<string, Record>> $pieces by kind and identity
     */
    private static function mustFit(Record $moment, array $rooms, array $pieces): void
    {
        $room = $rooms[$moment->text('room')] ?? null;
        if ($room === null) {
            $moment->fault('room', 'No room of the place has this identity.');
        }
        $gear = [];
        foreach (self::GEAR as $name => $kind) {
            $gear[$name] = $moment->has($name) ? $pieces[$kind][$moment->text($name)] ?? null : null;
            if ($gear[$name] === null && $moment->has($name)) {
                $moment->fault($name, "No $kind among the pieces has this identity.");
            }
        }
        if ($room === null || $gear['body'] === null || $gear['lens'] === null || $gear['flash'] === null) {
            return;
        }
        try {
            MomentReader::fromArray(MomentForm::documentOf($moment, [
                'room' => RoomForm::box()->stored($room->toArray())->toArray(),
                'body' => MomentParts::body($gear['body']),
                'lens' => MomentParts::lens($gear['lens'], $moment->number('focalLength')),
                'flash' => MomentParts::flash($gear['flash'], $moment, $gear['modifier'], $gear['gel'], $gear['otherGel']),
            ]));
        } catch (FaultyDocument $e) {
            foreach ($e->faults as $fault) {
                $moment->fault($fault->field, $fault->sentence);
            }
        }
    }

    /**
     * @param list<Record> $records
     *
     * @return array<string, Record>
     */
    private static function byUid(array $records): array
    {
        return array_combine(array_map(static fn(Record $r): string => $r->text('uid'), $records), $records);
    }
}
