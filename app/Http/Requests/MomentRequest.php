<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Moment;
use App\Models\Piece;
use App\Planning\DraftForm;
use App\Planning\RecordKind;
use Illuminate\Http\Request;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Gear\BodyForm;
use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Gear\CompensationSum;
use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Gear\Metering;
use Kaddle\Core\Gear\MomentParts;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Situation\Moment as LightMoment;
use Kaddle\Core\Wish\Look;

/**
 * A draft of a moment from the page, read as a whole or not at all.
 *
 * Gear is looked up here; everything else is read by the core, which refuses the
 * same things in the same sentences at the shell.
 */
final readonly class MomentRequest
{
    /** Fields of a moment document that the page sends under another name. */
    private const ELSEWHERE = [
        'lens.focalLength' => 'focalLength',
        'flash.units' => 'outfit.units',
        'flash.gelled' => 'outfit.gelled',
        'flash.otherGel' => 'outfit.otherGelId',
        'flash.modifier.dimming' => 'outfit.modifierId',
    ];

    /** Kind by field that names a piece. */
    private const PIECES = [
        'bodyId' => PieceKind::Body,
        'lensId' => PieceKind::Lens,
        'flashId' => PieceKind::Flash,
        'outfit.modifierId' => PieceKind::Modifier,
        'outfit.gelId' => PieceKind::Gel,
        'outfit.otherGelId' => PieceKind::Gel,
    ];

    private Moment $moment;
    private Record $draft;
    private Record $settings;

    /** @var array<string, array{int, Record}> number and figures of a piece, by field */
    private array $pieces;

    /** @var array<string, mixed> the moment document that the draft stands for */
    private array $document;
    private LightMoment $light;

    /** @throws FaultyDocument */
    public function __construct(Request $request)
    {
        $moment = $request->route('moment');
        $this->moment = $moment instanceof Moment ? $moment : throw new \LogicException('a route without a moment');
        $shape = DraftForm::shape();
        $this->draft = $shape->whole(array_intersect_key($request->all(), array_flip($shape->names())));
        $this->pieces = $this->findPieces();
        $this->settings = MomentForm::settings()->stored(
            array_intersect_key($this->draft->record('outfit')->toArray(), ['units' => null, 'gelled' => null]) + $this->draft->toArray(),
        );
        $this->document = $this->document();
        $this->light = $this->readLight();
    }

    /** The moment as the core understood it. */
    public function light(): LightMoment
    {
        return $this->light;
    }

    /**
     * The moment with other parts of its document; null where they do not fit together.
     *
     * @param array<array-key, mixed> $parts
     */
    public function lightWith(array $parts): ?LightMoment
    {
        try {
            return MomentReader::fromArray(array_replace_recursive($this->document, $parts));
        } catch (FaultyDocument) {
            return null;
        }
    }

    /** The moment with the colour that the room's curve tells for its hour, where nobody has said another. */
    public function lightWithColour(): LightMoment
    {
        $this->moment->loadMissing(['night.venue', 'room.venue']);
        if ($this->settings->has('roomKelvin') || !$this->moment->room->hasCurve()) {
            return $this->light;
        }
        $kelvin = Look::balanceRange()->nearest(round($this->atItsTime()->curvePoint()->colour->kelvin));

        return $this->lightWith(['roomKelvin' => $kelvin]) ?? $this->light;
    }

    /** How the body meters flash, where its figures say. */
    public function metering(): Metering
    {
        return BodyForm::metering($this->figures('bodyId'));
    }

    /** What is dialled in on the body, and how it counts it. */
    public function compensation(): Compensation
    {
        $body = $this->figures('bodyId');
        $dialled = $this->settings->record('dialled');

        return Compensation::ofStops(
            $body->has('compensations')
                ? $body->choice('compensations', CompensationSum::class)
                : CompensationSum::FlashAddsUp,
            $dialled->number('body'),
            $dialled->number('exposure'),
        );
    }

    /** Figures of the flash unit. */
    public function flash(): Record
    {
        return $this->figures('flashId');
    }

    /** Takes the draft over into a moment and its room; stores nothing. */
    public function fill(Moment $moment): void
    {
        $moment->room->takeBox($this->draft->record('room'));
        $moment->fill([
            'settings' => $this->settings,
            'name' => $this->draft->text('name'),
            'starts_at' => "{$this->draft->text('startsAt')}:00",
            'body_id' => $this->pieces['bodyId'][0],
            'lens_id' => $this->pieces['lensId'][0],
            'flash_id' => $this->pieces['flashId'][0],
            'modifier_id' => $this->pieces['outfit.modifierId'][0] ?? null,
            'gel_id' => $this->pieces['outfit.gelId'][0] ?? null,
            'other_gel_id' => $this->pieces['outfit.otherGelId'][0] ?? null,
        ]);
    }

    /**
     * @return array<string, array{int, Record}>
     *
     * @throws FaultyDocument
     */
    private function findPieces(): array
    {
        $named = array_filter(
            array_map($this->number(...), array_combine(array_keys(self::PIECES), array_keys(self::PIECES))),
            is_int(...),
        );
        $found = $this->moment->gearFound();
        $others = array_diff($named, array_keys($found));
        if ($others !== []) {
            foreach (Piece::query()->where('user_id', $this->moment->ownerId())->findMany($others, ['id', 'kind', 'data']) as $piece) {
                $found[$piece->id] = ['kind' => $piece->kind->value, 'data' => $piece->data];
            }
        }
        $pieces = [];
        foreach ($named as $field => $number) {
            $kind = self::PIECES[$field];
            if (($found[$number]['kind'] ?? null) !== $kind->value) {
                throw FaultyDocument::at($field, RecordKind::SENTENCE);
            }
            $pieces[$field] = [$number, $kind->shape()->stored($found[$number]['data'])];
        }

        return $pieces;
    }

    /** Of a piece; null where none is named. */
    private function number(string $field): ?int
    {
        $inOutfit = str_starts_with($field, 'outfit.');
        $record = $inOutfit ? $this->draft->record('outfit') : $this->draft;
        $name = $inOutfit ? substr($field, strlen('outfit.')) : $field;

        return $record->has($name) ? $record->whole($name) : null;
    }

    private function figures(string $field): Record
    {
        return $this->pieces[$field][1];
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        return MomentForm::documentOf($this->settings, [
            'room' => $this->draft->record('room')->toArray(),
            ...$this->atItsTime()->around($this->settings, RoomForm::isOpenAbove($this->draft->record('room'))),
            'mains' => $this->moment->mains()->value,
            'body' => MomentParts::body($this->figures('bodyId')),
            'lens' => MomentParts::lens($this->figures('lensId'), $this->settings->number('focalLength')),
            'flash' => MomentParts::flash(
                $this->figures('flashId'),
                $this->settings,
                $this->pieces['outfit.modifierId'][1] ?? null,
                $this->pieces['outfit.gelId'][1] ?? null,
                $this->pieces['outfit.otherGelId'][1] ?? null,
            ),
        ], $this->settings->record('glow')->flag('curve') ? $this->glowOfCurve() : null);
    }

    /** @throws FaultyDocument */
    private function readLight(): LightMoment
    {
        try {
            $light = MomentReader::fromArray($this->document);
        } catch (FaultyDocument $e) {
            throw $e->renamed(self::ELSEWHERE);
        }
        $focal = LensForm::openings($this->figures('lensId'))->focalRange();
        if (!$focal->contains($light->lens->focalLength)) {
            throw FaultyDocument::at('focalLength', $focal->min === $focal->max
                ? sprintf('This lens has %s mm only.', Number::plain($focal->min))
                : "On this lens the focal length must be {$focal->inWords()}.");
        }

        return $light;
    }

    /** EV that the curve says for the draft's time. */
    private function glowOfCurve(): float
    {
        $this->moment->loadMissing(['night.venue', 'room.venue']);

        return round($this->atItsTime()->curvePoint()->glow->ev, 2);
    }

    private function atItsTime(): Moment
    {
        return (clone $this->moment)->fill(['starts_at' => $this->draft->text('startsAt')]);
    }
}
