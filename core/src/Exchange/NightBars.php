<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Form\GlowForm;
use Kaddle\Core\Form\LensesInUse;
use Kaddle\Core\Form\MomentBars;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\PlaceForm;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Gear\MomentParts;
use Kaddle\Core\Glow\Daylight;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Glow\RoomGlow;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Night\Slot;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\InHand;
use Kaddle\Core\Score\Thing;

/** The bars of a night that came as a document. */
final class NightBars
{
    /** @var array<string, RoomGlow> by identity of the room */
    private array $glows = [];

    private Place $place;

    private LensesInUse $lenses;

    /**
     * @param array<string, Record> $rooms by identity
     * @param array<string, Record> $pieces by identity
     * @param list<Record> $moments in time order, but for those that are left out
     */
    private function __construct(
        private readonly Record $night,
        private readonly array $rooms,
        private readonly array $pieces,
        private readonly array $moments,
    ) {
        $place = $night->record('place');
        $this->place = Place::at($place->number('latitude'), $place->number('longitude'), new \DateTimeZone($place->text('zone')));
        $this->lenses = LensesInUse::of(array_map(fn(Record $m): array => [$this->thing($m->text('lens')), $this->pieces[$m->text('lens')]], $moments));
    }

    /** @return list<Bar> in time order, of all moments but those that are left out */
    public static function of(ReadDocument $document): array
    {
        $night = $document->document;
        $moments = array_values(array_filter(
            $night->records('moments'),
            static fn(Record $m): bool => !$m->record('plan')->flag('skipped'),
        ));
        $starts = array_map(static fn(Record $m): int => Evening::minutes($m->record('plan')->text('starts')), $moments);
        asort($starts); // those that begin together stay in the order of the document

        $self = new self(
            $night,
            self::byUid($night->record('place')->records('rooms')),
            self::byUid($night->records('pieces')),
            array_map(static fn(int $i): Record => $moments[$i], array_keys($starts)),
        );

        return array_merge(...array_map($self->bars(...), $self->moments));
    }

    /** @return non-empty-list<Bar> */
    private function bars(Record $moment): array
    {
        $plan = $moment->record('plan');
        $slot = Slot::at($plan->text('starts'), $plan->whole('minutes'));

        return MomentBars::of(
            $moment->text('uid'),
            $plan->text('name'),
            $slot,
            $this->document($moment, $slot),
            $moment,
            $plan,
            $this->inHand($moment),
            $this->pieces[$moment->text('body')],
            $this->lenses,
            $moment->record('glow')->flag('curve') ? $this->curve($moment->text('room')) : null,
        );
    }

    /** @return \Closure(float): float EV of a room at a minute since six in the morning */
    private function curve(string $room): \Closure
    {
        $glow = $this->glows[$room] ??= GlowForm::glow($this->rooms[$room], $this->place);

        return fn(float $minute): float => $glow->at($this->time($minute))->glow->ev;
    }

    /** @return array<string, mixed> */
    private function document(Record $moment, Slot $slot): array
    {
        $place = $this->night->record('place');
        $piece = fn(string $name): ?Record => $moment->has($name) ? $this->pieces[$moment->text($name)] : null;

        return MomentForm::documentOf($moment, [
            'room' => RoomForm::box()->stored($this->rooms[$moment->text('room')]->toArray())->toArray(),
            ...MomentForm::around(
                $moment,
                $moment->record('plan'),
                PlaceForm::rules($place)->forbidFlash($slot),
                RoomForm::isOpenAbove($this->rooms[$moment->text('room')]),
                fn(): float => Daylight::light(SunPosition::at(
                    $this->place->latitude,
                    $this->place->longitude,
                    $this->time(($slot->from + $slot->until()) / 2.0),
                ))->ev(),
            ),
            'mains' => ($place->has('mains') ? $place->choice('mains', Mains::class) : Mains::Hz50)->value,
            'body' => MomentParts::body($this->pieces[$moment->text('body')]),
            'lens' => MomentParts::lens($this->pieces[$moment->text('lens')], $moment->number('focalLength')),
            'flash' => MomentParts::flash($this->pieces[$moment->text('flash')], $moment, $piece('modifier'), $piece('gel'), $piece('otherGel')),
        ]);
    }

    private function inHand(Record $moment): InHand
    {
        $thing = fn(string $name): ?Thing => $moment->has($name) ? $this->thing($moment->text($name)) : null;
        [$body, $lens, $unit] = [$thing('body'), $thing('lens'), $thing('flash')];

        return $body === null || $lens === null || $unit === null
            ? throw new \LogicException('a moment without gear')
            : InHand::of($body, $lens, $unit, $thing('modifier'), InHand::gels($thing('gel'), $thing('otherGel'), $moment->has('gelled') ? $moment->whole('gelled') : null));
    }

    private function thing(string $uid): Thing
    {
        return Thing::of($uid, $this->pieces[$uid]->text('name'));
    }

    /** @param float $minute since six in the morning */
    private function time(float $minute): \DateTimeImmutable
    {
        return Evening::momentOf($this->night->text('date'), $minute, $this->place->zone);
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
