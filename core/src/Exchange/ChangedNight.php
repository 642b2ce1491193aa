<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Night\ChangeKind;
use Kaddle\Core\Quantity\ExposureValue;

/** A night in which one thing turns out otherwise than it was planned: another document of the same night. */
final readonly class ChangedNight
{
    private function __construct(
        private Record $change,
        private ChangeKind $what,
        private Record $night,
    ) {}

    /**
     * @param Record $change by ChangeForm::shape()
     *
     * @return array<string, mixed> a night document, to be read as any other: what does not fit is found out there
     *
     * @throws FaultyDocument where it names what the night does not have, or changes nothing
     */
    public static function of(ReadDocument $night, Record $change): array
    {
        $self = new self($change, $change->choice('what', ChangeKind::class), $night->document);

        return match ($self->what) {
            ChangeKind::Ceiling => $self->refinished(),
            ChangeKind::Dimmed => $self->dimmed($night),
            ChangeKind::LensGone => $self->withoutLens(),
            default => $self->withMoments($self->changed(...)),
        };
    }

    /** @return array<string, mixed> */
    private function refinished(): array
    {
        $uid = $this->room('room')->text('uid');
        $finish = $this->change->text('finish');
        $place = $this->night->record('place');
        $rooms = array_map(static fn(Record $r): array => $r->text('uid') === $uid
            ? ['finishes' => ['ceiling' => $finish] + $r->record('finishes')->toArray()] + $r->toArray()
            : $r->toArray(), $place->records('rooms'));

        $moments = array_map(
            static fn(Record $m): array => $m->text('room') === $uid ? self::free($m) : $m->toArray(),
            $this->night->records('moments'),
        );

        return ['place' => ['rooms' => $rooms] + $place->toArray(), 'moments' => $moments] + $this->night->toArray();
    }

    /**
     * While it is not there it does not stay on for other moments either.
     *
     * @return array<string, mixed>
     */
    private function withoutLens(): array
    {
        $changed = $this->withMoments($this->changed(...));
        $isAlways = !$this->change->has('from') && !$this->change->has('until');
        $own = fn(Record $m, array $told): array => $isAlways || !$this->isDuring($m) ? $told : ['ownLens' => true] + $told;

        return ['moments' => array_map($own, $this->night->records('moments'), $changed['moments'])] + $changed;
    }

    /** @return array<string, mixed> a moment of which nothing stays as it stood */
    private static function free(Record $moment): array
    {
        return array_diff_key($moment->toArray(), ['stands' => null]);
    }

    /**
     * A glow that comes from a curve becomes a figure: the curve knows nothing of who dims.
     *
     * @return array<string, mixed>
     */
    private function dimmed(ReadDocument $night): array
    {
        $glows = $overs = [];
        foreach (NightBars::of($night) as $bar) {
            $glows[$bar->moment][] = $bar->light->glow->ev;
            $overs[$bar->moment] = $bar->light->faceGlow->over->value;
        }
        $stops = $this->change->number('stops');

        return $this->withMoments(static function (Record $moment) use ($glows, $overs, $stops): array {
            $evs = $glows[$moment->text('uid')] ?? [];
            // What was measured on the face goes down with the rest.
            $isMeasured = $moment->has('onFace') && ($moment->record('onFace')->has('ev') || $moment->record('onFace')->has('metered'));
            $onFace = $isMeasured ? ['onFace' => ['over' => round($overs[$moment->text('uid')] ?? 0.0, 2)]] : [];

            return $evs === []
                ? []
                : ['glow' => ['ev' => round(ExposureValue::range()->nearest(array_sum($evs) / count($evs) + $stops), 2)]] + $onFace;
        });
    }

    /**
     * @param \Closure(Record): array<string, mixed> $change what is otherwise in a moment of the span; nothing for what it leaves alone
     *
     * @return array{moments: list<array<string, mixed>>, ...<string, mixed>}
     */
    private function withMoments(\Closure $change): array
    {
        $isChanged = false;
        $moments = [];
        foreach ($this->night->records('moments') as $moment) {
            $changed = $this->isDuring($moment) ? $change($moment) : [];
            $isChanged = $isChanged || $changed !== [];
            $moments[] = $changed === [] ? $moment->toArray() : $changed + self::free($moment);
        }

        return $isChanged
            ? ['moments' => $moments] + $this->night->toArray()
            : throw FaultyDocument::at('from', 'No moment of this night is changed by that.');
    }

    /** @return array<string, mixed> */
    private function changed(Record $moment): array
    {
        $look = $moment->record('look');

        return match ($this->what) {
            ChangeKind::Late => ['plan' => ['starts' => $this->later($moment)] + $moment->record('plan')->toArray()],
            ChangeKind::Moved => $moment->text('room') === $this->room('room')->text('uid') ? ['room' => $this->room('to')->text('uid')] : [],
            ChangeKind::NoFlash => $look->flag('withoutFlash') ? [] : ['look' => ['withoutFlash' => true] + $look->toArray()],
            ChangeKind::UnitGone => $moment->text('flash') !== $this->piece('piece', PieceKind::Flash)->text('uid') ? [] : (
                $this->change->has('other')
                    ? ['flash' => $this->piece('other', PieceKind::Flash)->text('uid'), 'units' => 1, 'gelled' => null, 'otherGel' => null]
                    : ['look' => ['withoutFlash' => true] + $look->toArray()]
            ),
            default => $moment->text('lens') !== $this->piece('piece', PieceKind::Lens)->text('uid') ? [] : [
                'lens' => $this->piece('other', PieceKind::Lens)->text('uid'),
                'focalLength' => LensForm::openings($this->piece('other', PieceKind::Lens))->focalRange()->nearest($moment->number('focalLength')),
            ],
        };
    }

    private function isDuring(Record $moment): bool
    {
        $starts = Evening::minutes($moment->record('plan')->text('starts'));

        return (!$this->change->has('from') || $starts >= Evening::minutes($this->change->text('from')))
            && (!$this->change->has('until') || $starts < Evening::minutes($this->change->text('until')));
    }

    private function later(Record $moment): string
    {
        $starts = Evening::minutes($moment->record('plan')->text('starts')) + $this->change->whole('minutes');

        return $starts >= 0 && $starts < Evening::DAY
            ? Evening::clock($starts)
            : throw FaultyDocument::at('minutes', "“{$moment->record('plan')->text('name')}” would begin on another day of events, which turns at six in the morning.");
    }

    private function room(string $field): Record
    {
        return self::named($this->night->record('place')->records('rooms'), $this->change->text($field))
            ?? throw FaultyDocument::at($field, 'The place of this night has no such room.');
    }

    private function piece(string $field, PieceKind $kind): Record
    {
        $piece = self::named($this->night->records('pieces'), $this->change->text($field));

        return $piece?->choice('piece', PieceKind::class) === $kind
            ? $piece
            : throw FaultyDocument::at($field, "There is no such {$kind->inWords()}.");
    }

    /** @param list<Record> $records */
    private static function named(array $records, string $uid): ?Record
    {
        foreach ($records as $record) {
            if ($record->text('uid') === $uid) {
                return $record;
            }
        }

        return null;
    }
}
