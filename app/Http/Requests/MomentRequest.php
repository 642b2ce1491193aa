<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Moment;
use App\Models\Piece;
use Illuminate\Http\Request;
use Kaddle\Core\Exchange\MomentShape;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Form\ReadMoment;
use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Gear\CompensationSum;
use Kaddle\Core\Gear\Metering;
use Kaddle\Core\Gear\MomentParts;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\PieceReader;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Reading\Faults;
use Kaddle\Core\Reading\FaultyDocument;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Reading\PatternKind;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Reading\TextKind;
use Kaddle\Core\Situation\Moment as LightMoment;

/**
 * A draft of a moment from the page, read as a whole or not at all.
 *
 * Gear is looked up here; everything else is read by the core, which refuses the
 * same things in the same sentences at the shell.
 */
final readonly class MomentRequest
{
    private const GEAR = 'Choose one from your bag.';

    /** Fields of a moment document that the page sends under another name. */
    private const ELSEWHERE = [
        'lens.focalLength' => 'focalLength',
        'flash.units' => 'outfit.units',
        'flash.modifier.dimming' => 'outfit.modifierId',
    ];

    /** Kind by field that names a piece. */
    private const PIECES = [
        'bodyId' => PieceKind::Body,
        'lensId' => PieceKind::Lens,
        'flashId' => PieceKind::Flash,
        'outfit.modifierId' => PieceKind::Modifier,
        'outfit.gelId' => PieceKind::Gel,
    ];

    /** Those of them that may be left out. */
    private const OPTIONAL = ['outfit.modifierId', 'outfit.gelId'];

    private Moment $moment;

    /** @var array{name: string, startsAt: string} */
    private array $plan;

    private bool $isFromCurve;

    private Fields $outfit;

    /** @var array<string, array{int, array<string, mixed>}> number and figures of a piece, by field */
    private array $pieces;

    private Compensation $compensation;

    /** @var array<array-key, mixed> as it was read */
    private array $document;

    private ReadMoment $read;

    /** @throws FaultyDocument */
    public function __construct(private Request $request)
    {
        $moment = $request->route('moment');
        $this->moment = $moment instanceof Moment ? $moment : throw new \LogicException('a route without a moment');
        $faults = new Faults();
        $fields = Fields::of($request->all(), '', $faults);
        $plan = self::plan()->read($fields->only('name', 'startsAt'));
        $this->isFromCurve = is_array($request->input('glow')) && $fields->object('glow')->flag('curve', 'choice of the room’s curve');
        $this->outfit = $fields->object('outfit');
        $this->pieces = $this->findPieces($faults);
        $dialled = $fields->has('dialled') ? $fields->object('dialled') : null;
        $body = $dialled?->number('body', 'flash compensation on the body', Compensation::limits()) ?? 0.0;
        $exposure = $dialled?->number('exposure', 'exposure compensation', Compensation::limits()) ?? 0.0;
        $faults->mustBeNone();
        /** @var array{name: string, startsAt: string} $plan */
        $this->plan = $plan;
        $sum = $this->figures('bodyId')['compensations'] ?? null;
        $this->compensation = Compensation::of(is_string($sum) ? CompensationSum::from($sum) : CompensationSum::FlashAddsUp, $body, $exposure);
        $this->document = $this->document();
        $this->read = $this->readLight();
    }

    /** The moment as the core understood it. */
    public function light(): ReadMoment
    {
        return $this->read;
    }

    /**
     * The moment with other parts of its document; null where they do not fit together.
     *
     * @param array<array-key, mixed> $parts
     */
    public function lightWith(array $parts): ?LightMoment
    {
        try {
            return MomentReader::fromArray(array_replace_recursive($this->document, $parts))->moment;
        } catch (FaultyDocument) {
            return null;
        }
    }

    /** How the body meters flash, where its figures say. */
    public function metering(): Metering
    {
        $metering = $this->figures('bodyId')['metering'] ?? null;

        return is_string($metering) ? Metering::from($metering) : Metering::Weighted;
    }

    /** What is dialled in on the body, and how it counts it. */
    public function compensation(): Compensation
    {
        return $this->compensation;
    }

    /** @return array<string, mixed> figures of the flash unit */
    public function flash(): array
    {
        return $this->figures('flashId');
    }

    /** Takes the draft over into a moment and its room; stores nothing. */
    public function fill(Moment $moment): void
    {
        $this->fillRoom($moment);
        $this->fillMoment($moment);
    }

    private static function plan(): Shape
    {
        return Shape::of(
            Field::needed('name', 'name', TextKind::line(80)),
            Field::needed('startsAt', 'start', PatternKind::clock()),
        );
    }

    /** @return array<string, array{int, array<string, mixed>}> */
    private function findPieces(Faults $faults): array
    {
        $named = array_map($this->number(...), array_combine(array_keys(self::PIECES), array_keys(self::PIECES)));
        $found = $this->moment->gearFound();
        $others = array_diff($named, [null, ...array_keys($found)]);
        if ($others !== []) {
            foreach (Piece::query()->where('user_id', $this->moment->ownerId())->findMany($others, ['id', 'kind', 'data']) as $piece) {
                $found[$piece->id] = ['kind' => $piece->kind->value, 'data' => $piece->data];
            }
        }
        $pieces = [];
        foreach (self::PIECES as $field => $kind) {
            $number = $named[$field];
            if ($number !== null && ($found[$number]['kind'] ?? null) === $kind->value) {
                $pieces[$field] = [$number, $found[$number]['data']];
            } elseif ($number !== null || !in_array($field, self::OPTIONAL, true)) {
                $faults->add($field, self::GEAR);
            }
        }

        return $pieces;
    }

    /** Of a piece; null where none is named, 0 for what no record is numbered. */
    private function number(string $field): ?int
    {
        $value = $this->request->input($field);

        return $value === null ? null : (int) filter_var($value, FILTER_VALIDATE_INT, ['options' => ['min_range' => 1]]);
    }

    /** @return array<string, mixed> */
    private function figures(string $field): array
    {
        return $this->pieces[$field][1];
    }

    /** @return array<array-key, mixed> the moment document that the draft stands for */
    private function document(): array
    {
        return ['version' => MomentReader::VERSION] + $this->request->only(['room', ...array_diff(MomentShape::SHARED, ['glow'])]) + $this->moment->people() + [
            'mains' => $this->moment->mains()->value,
            'glow' => $this->glow(),
            'body' => MomentParts::body($this->figures('bodyId')),
            'lens' => MomentParts::lens($this->figures('lensId'), $this->request->input('focalLength')),
            'flash' => MomentParts::flash(
                $this->figures('flashId'),
                $this->outfit->raw('units'),
                $this->pieces['outfit.modifierId'][1] ?? null,
                $this->pieces['outfit.gelId'][1] ?? null,
            ),
        ];
    }

    /** @throws FaultyDocument */
    private function readLight(): ReadMoment
    {
        try {
            $read = MomentReader::fromArray($this->document);
        } catch (FaultyDocument $e) {
            throw $e->renamed(self::ELSEWHERE);
        }
        $focal = PieceReader::openings($this->figures('lensId'))->focalLimits();
        if (!$focal->contains($read->moment->lens->focalLength)) {
            throw FaultyDocument::at('focalLength', $focal->min === $focal->max
                ? sprintf('This lens has %s mm only.', Number::plain($focal->min))
                : "On this lens the focal length must be {$focal->inWords()}.");
        }

        return $read;
    }

    /** Glow from the curve becomes the EV that it says for the moment's time. */
    private function glow(): mixed
    {
        if (!$this->isFromCurve) {
            $glow = $this->request->input('glow');

            return is_array($glow) ? array_diff_key($glow, ['curve' => null]) : $glow;
        }
        $this->moment->loadMissing(['night.venue', 'room.venue']);
        $at = (clone $this->moment)->fill(['starts_at' => $this->plan['startsAt']]);

        return ['ev' => round($at->curvePoint()->glow->ev, 2)];
    }

    private function fillRoom(Moment $moment): void
    {
        $box = $this->read->moment->scene->room;
        $moment->room->fill([
            'length_m' => $box->length,
            'width_m' => $box->width,
            'height_m' => $box->height,
            'ridge_m' => $box->roof?->ridge,
            'ridge_runs' => $box->roof?->way,
        ]);
        foreach ($this->read->finishes as $face => $finish) {
            $moment->room->setAttribute("{$face}_finish", $finish);
        }
    }

    private function fillMoment(Moment $moment): void
    {
        $moment->takeLight($this->read, $this->isFromCurve)->fill([
            'name' => $this->plan['name'],
            'starts_at' => "{$this->plan['startsAt']}:00",
            'body_id' => $this->pieces['bodyId'][0],
            'lens_id' => $this->pieces['lensId'][0],
            'flash_id' => $this->pieces['flashId'][0],
            'modifier_id' => $this->pieces['outfit.modifierId'][0] ?? null,
            'gel_id' => $this->pieces['outfit.gelId'][0] ?? null,
            'dialled_body' => $this->compensation->body,
            'dialled_exposure' => $this->compensation->exposure,
        ]);
    }
}
