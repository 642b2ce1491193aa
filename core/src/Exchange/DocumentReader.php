<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Form\ReadMoment;
use Kaddle\Core\Gear\MomentParts;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\PieceReader;
use Kaddle\Core\Reading\ChoiceKind;
use Kaddle\Core\Reading\Faults;
use Kaddle\Core\Reading\FaultyDocument;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Reading\Json;
use Kaddle\Core\Reading\JsonSize;
use Kaddle\Core\Reading\PatternKind;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Reading\TextKind;

/**
 * Start here with a document from outside: a bag, a place or a night, as a whole or not at all.
 *
 * Everything that a night refers to lies in the document itself, so a document is either
 * sound or told to be unsound without a look at what is stored.
 */
final class DocumentReader
{
    /** What it may hold decides, by number and length of everything; this is more than the largest takes, with every letter escaped. */
    public const MOST_BYTES = 16_777_216;

    /** The largest night: 300 moments of 80 values, 60 rooms of 2500, 500 pieces of 150. */
    private const MOST_VALUES = 300_000;

    private readonly Fields $document;

    private readonly Faults $faults;

    /** @var array<string, string> field by identity */
    private array $identities = [];

    /** @var list<ReadMoment> */
    private array $lights = [];

    /** @param array<array-key, mixed> $data */
    private function __construct(array $data)
    {
        $this->faults = new Faults();
        $this->document = Fields::of($data, '', $this->faults);
    }

    /** @throws FaultyDocument */
    public static function fromJson(string $json): ReadDocument
    {
        $data = Json::read($json, JsonSize::of(self::MOST_BYTES, self::MOST_VALUES));
        if (!is_array($data) || array_is_list($data)) {
            throw FaultyDocument::asAWhole('A document of Kaddle is a JSON object.');
        }

        return (new self($data))->read();
    }

    private function read(): ReadDocument
    {
        $format = $this->document->raw('format');
        $kind = is_string($format) ? DocumentKind::tryFrom($format) : null;
        if ($kind === null) {
            throw FaultyDocument::asAWhole('The format must be one of: ' . implode(', ', array_map(static fn(DocumentKind $k): string => $k->value, DocumentKind::cases())) . '.');
        }
        if (!$this->document->is('version', DocumentKind::VERSION)) {
            throw FaultyDocument::asAWhole(sprintf('The version must be %d: no other is known here.', DocumentKind::VERSION));
        }
        $read = match ($kind) {
            DocumentKind::Bag => $this->bag(),
            DocumentKind::Place => $this->place($this->document, 'format', 'version'),
            DocumentKind::Night => $this->night(),
        };
        $this->faults->mustBeNone();

        return new ReadDocument($kind, $read, $this->lights);
    }

    /** @return array<string, mixed> */
    private function bag(): array
    {
        $this->document->allowOnly('format', 'version', 'pieces');

        return ['pieces' => $this->pieces()];
    }

    /** @return list<array<string, mixed>> */
    private function pieces(): array
    {
        $pieces = [];
        foreach ($this->items($this->document, 'pieces', 'pieces', DocumentKind::MOST_PIECES) as $fields) {
            $kind = $fields->oneOf('piece', 'kind of piece', PieceKind::class);
            if ($kind !== null) {
                $pieces[] = $piece = PieceReader::within($fields, $kind, self::uid(), Field::needed('piece', 'kind of piece', ChoiceKind::of([$kind->value => $kind->inWords()])));
                $this->mustBeAlone($piece['uid'] ?? null, $fields);
            }
        }

        return $pieces;
    }

    /**
     * @param string ...$envelope fields that are read elsewhere
     *
     * @return array<string, mixed>
     */
    private function place(Fields $fields, string ...$envelope): array
    {
        $read = PlaceShape::shape()->with(self::uid())->read($fields->without('rooms', ...$envelope));
        $rooms = [];
        foreach ($this->items($fields, 'rooms', 'rooms', DocumentKind::MOST_ROOMS) as $room) {
            $rooms[] = $one = RoomShape::read($room, self::uid());
            $this->mustBeAlone($one['uid'] ?? null, $room);
        }
        $this->mustBeAlone($read['uid'] ?? null, $fields);

        return $read + ['rooms' => $rooms];
    }

    /** @return array<string, mixed> */
    private function night(): array
    {
        $this->document->allowOnly('format', 'version', 'uid', 'name', 'date', 'place', 'pieces', 'moments');
        $night = Shape::of(
            self::uid(),
            Field::needed('name', 'name', TextKind::line(80)),
            Field::needed('date', 'date', PatternKind::date()),
        )->read($this->document->only('uid', 'name', 'date'));
        $pieces = $this->pieces();
        $place = $this->place($this->document->object('place'));
        $isSound = $this->faults->count() === 0;
        $moments = [];
        foreach ($this->items($this->document, 'moments', 'moments', DocumentKind::MOST_MOMENTS) as $fields) {
            $before = $this->faults->count();
            $moment = MomentShape::light()->read($fields->without('plan'));
            $moments[] = $moment + ['plan' => MomentShape::readPlan($fields->object('plan'))];
            $this->mustBeAlone($moment['uid'] ?? null, $fields);
            if ($isSound && $this->faults->count() === $before) {
                $this->mustFit($moment, $pieces, $place, $fields);
            }
        }

        return $night + ['place' => $place, 'pieces' => $pieces, 'moments' => $moments];
    }

    /**
     * Whether room and gear are there, and the moment can be reckoned with.
     *
     * @param array<string, mixed> $moment
     * @param list<array<string, mixed>> $pieces
     * @param array<string, mixed> $place
     */
    private function mustFit(array $moment, array $pieces, array $place, Fields $fields): void
    {
        $room = self::find(is_array($place['rooms'] ?? null) ? $place['rooms'] : [], $moment['room'] ?? null);
        if ($room === null) {
            $fields->fault('room', 'No room of the place has this identity.');
        }
        $gear = [];
        foreach (['body', 'lens', 'flash', 'modifier', 'gel'] as $name) {
            $piece = self::find(array_filter($pieces, static fn(array $p): bool => ($p['piece'] ?? '') === $name), $moment[$name] ?? null);
            if ($piece === null && isset($moment[$name])) {
                $fields->fault($name, "No $name among the pieces has this identity.");
            }
            $gear[$name] = $piece;
        }
        if ($room === null || $gear['body'] === null || $gear['lens'] === null || $gear['flash'] === null) {
            return;
        }
        try {
            $this->lights[] = MomentReader::fromArray([
                'version' => MomentReader::VERSION,
                'room' => array_intersect_key($room, array_flip(['length', 'width', 'height', 'roof', 'finishes'])),
                ...array_intersect_key($moment, array_flip(MomentShape::SHARED)),
                'glow' => self::glow($moment['glow']),
                'body' => MomentParts::body($gear['body']),
                'lens' => MomentParts::lens($gear['lens'], $moment['focalLength']),
                'flash' => MomentParts::flash($gear['flash'], $moment['units'] ?? 1, $gear['modifier'], $gear['gel']),
            ]);
        } catch (FaultyDocument $e) {
            foreach ($e->faults as $fault) {
                $fields->fault($fault->field, $fault->message);
            }
        }
    }

    /** A glow from the curve has no figure of its own; any will do to see whether the rest fits. */
    private static function glow(mixed $glow): mixed
    {
        return is_array($glow) && ($glow['curve'] ?? false) === true && count($glow) === 1 ? ['ev' => 4.0] : $glow;
    }

    /**
     * @param array<array-key, mixed> $records
     *
     * @return array<string, mixed>|null
     */
    private static function find(array $records, mixed $uid): ?array
    {
        foreach ($records as $record) {
            if (is_array($record) && ($record['uid'] ?? null) === $uid && $uid !== null) {
                return array_filter($record, is_string(...), ARRAY_FILTER_USE_KEY);
            }
        }

        return null;
    }

    /** @return list<Fields> */
    private function items(Fields $fields, string $name, string $what, int $most): array
    {
        return $fields->raw($name) === [] ? [] : $fields->items($name, $what, $most);
    }

    private function mustBeAlone(mixed $uid, Fields $fields): void
    {
        if (is_string($uid) && isset($this->identities[$uid])) {
            $fields->fault('uid', "The identity $uid is given twice.");
        }
        if (is_string($uid)) {
            $this->identities[$uid] = $uid;
        }
    }

    private static function uid(): Field
    {
        return Field::needed('uid', 'identity', PatternKind::identity());
    }
}
