<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Moment;
use App\Models\Piece;
use App\Models\User;
use App\Rules\PlainText;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Kaddle\Core\Exchange\MomentShape;
use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Gear\CompensationSum;
use Kaddle\Core\Gear\Metering;
use Kaddle\Core\Gear\MomentParts;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\PieceReader;
use Kaddle\Core\Plan\Moment as LightMoment;
use Kaddle\Core\Plan\Reading\MomentReader;
use Kaddle\Core\Plan\Reading\ReadMoment;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Reading\FaultyDocument;

/**
 * A draft of a moment from the page.
 *
 * Names, times and gear are checked here; everything about light is read by the
 * core, which refuses the same things in the same sentences at the shell.
 */
final class MomentRequest extends FormRequest
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

    /** What is dialled in on the body, by field. */
    private const DIALLED = ['dialled.body' => 'flash compensation on the body', 'dialled.exposure' => 'exposure compensation'];

    private ?ReadMoment $read = null;

    /** @var array<array-key, mixed> as it was read */
    private array $document = [];

    /** @var array<string, Piece> by field */
    private array $pieces = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $dialled = Compensation::limits();

        return [
            'name' => ['required', new PlainText('name', 80)],
            'startsAt' => ['required', 'date_format:H:i'],
            'glow.curve' => ['boolean'],
            ...array_fill_keys(array_keys(self::DIALLED), ['numeric', "between:$dialled->min,$dialled->max"]),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give the moment a name.',
            'startsAt' => 'Give the time as hours and minutes, like 19:30.',
            ...array_map(static fn(string $what): string => sprintf('The %s must be a number, %s.', $what, Compensation::limits()->inWords()), self::DIALLED),
            'glow.curve' => 'Whether the room’s curve tells the glow must be true or false.',
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $this->findGear($validator);
            if ($validator->errors()->isEmpty()) {
                $this->readLight($validator);
            }
        }];
    }

    /** The moment as the core understood it. */
    public function light(): ReadMoment
    {
        return $this->read ?? throw new \LogicException('asked before validation');
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
        $metering = $this->pieces['bodyId']->data['metering'] ?? null;

        return is_string($metering) ? Metering::from($metering) : Metering::Weighted;
    }

    /** What is dialled in on the body, and how it counts it. */
    public function compensation(): Compensation
    {
        $sum = $this->pieces['bodyId']->data['compensations'] ?? null;

        return Compensation::of(is_string($sum) ? CompensationSum::from($sum) : CompensationSum::FlashAddsUp, $this->float('dialled.body'), $this->float('dialled.exposure'));
    }

    public function flash(): Piece
    {
        return $this->pieces['flashId'];
    }

    /** Takes the draft over into a moment and its room; stores nothing. */
    public function fill(Moment $moment): void
    {
        $this->fillRoom($moment);
        $this->fillMoment($moment);
    }

    private function findGear(Validator $validator): void
    {
        $ids = [];
        foreach (array_keys(self::PIECES) as $field) {
            if ($this->input($field) !== null) {
                $ids[$field] = self::id($this->input($field));
            }
        }
        $found = Piece::query()->where('user_id', $this->owner()->id)->findMany($ids, ['id', 'user_id', 'kind', 'data']);
        foreach (self::PIECES as $field => $kind) {
            $piece = $found->find($ids[$field] ?? 0);
            if ($piece instanceof Piece && $piece->kind === $kind) {
                $this->pieces[$field] = $piece;
            } elseif (isset($ids[$field]) || !in_array($field, self::OPTIONAL, true)) {
                $validator->errors()->add($field, self::GEAR);
            }
        }
    }

    /** 0 for what no record is numbered. */
    private static function id(mixed $value): int
    {
        $id = filter_var($value, FILTER_VALIDATE_INT, ['options' => ['min_range' => 1]]);

        return is_int($id) ? $id : 0;
    }

    private function readLight(Validator $validator): void
    {
        $document = ['version' => MomentReader::VERSION] + $this->only(['room', ...array_diff(MomentShape::SHARED, ['glow'])]) + $this->moment()->people() + [
            'mains' => $this->moment()->mains()->value,
            'glow' => $this->glow(),
            'body' => MomentParts::body($this->pieces['bodyId']->data),
            'lens' => MomentParts::lens($this->pieces['lensId']->data, $this->input('focalLength')),
            'flash' => MomentParts::flash(
                $this->pieces['flashId']->data,
                $this->input('outfit.units'),
                $this->piece('outfit.modifierId')?->data,
                $this->piece('outfit.gelId')?->data,
            ),
        ];
        $this->document = $document;
        try {
            $this->read = MomentReader::fromArray($document);
        } catch (FaultyDocument $e) {
            foreach ($e->faults as $fault) {
                $validator->errors()->add(self::ELSEWHERE[$fault->field] ?? $fault->field, $fault->message);
            }

            return;
        }
        $this->fitLens($this->read, $validator);
    }

    /** Glow from the curve becomes the EV that it says for the moment's time. */
    private function glow(): mixed
    {
        $moment = $this->moment();
        if (!$this->isFromCurve()) {
            $glow = $this->input('glow');

            return is_array($glow) ? array_diff_key($glow, ['curve' => null]) : $glow;
        }
        $moment->loadMissing(['night.venue', 'room.venue']);
        $at = (clone $moment)->fill(['starts_at' => $this->string('startsAt')->toString()]);

        return ['ev' => round($at->curvePoint()->glow->ev, 2)];
    }

    private function isFromCurve(): bool
    {
        return $this->boolean('glow.curve');
    }

    private function piece(string $field): ?Piece
    {
        return $this->pieces[$field] ?? null;
    }

    private function fitLens(ReadMoment $read, Validator $validator): void
    {
        $focal = PieceReader::openings($this->pieces['lensId']->data)->focalLimits();
        if (!$focal->contains($read->moment->lens->focalLength)) {
            $validator->errors()->add('focalLength', $focal->min === $focal->max
                ? sprintf('This lens has %s mm only.', Number::plain($focal->min))
                : "On this lens the focal length must be {$focal->inWords()}.");
        }
    }

    private function fillRoom(Moment $moment): void
    {
        $box = $this->light()->moment->scene->room;
        $moment->room->fill([
            'length_m' => $box->length,
            'width_m' => $box->width,
            'height_m' => $box->height,
            'ridge_m' => $box->roof?->ridge,
            'ridge_runs' => $box->roof?->way,
        ]);
        foreach ($this->light()->finishes as $face => $finish) {
            $moment->room->setAttribute("{$face}_finish", $finish);
        }
    }

    private function fillMoment(Moment $moment): void
    {
        $moment->takeLight($this->light(), $this->isFromCurve())->fill([
            'name' => $this->string('name')->toString(),
            'starts_at' => $this->string('startsAt')->append(':00')->toString(),
            'body_id' => $this->pieces['bodyId']->id,
            'lens_id' => $this->pieces['lensId']->id,
            'flash_id' => $this->pieces['flashId']->id,
            'modifier_id' => $this->piece('outfit.modifierId')?->id,
            'gel_id' => $this->piece('outfit.gelId')?->id,
            'dialled_body' => $this->float('dialled.body'),
            'dialled_exposure' => $this->float('dialled.exposure'),
        ]);
    }

    private function moment(): Moment
    {
        $moment = $this->route('moment');

        return $moment instanceof Moment ? $moment : throw new \LogicException('a route without a moment');
    }

    private function owner(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : throw new \LogicException('a route without an account');
    }
}
