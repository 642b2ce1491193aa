<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Body;
use App\Models\FlashUnit;
use App\Models\Lens;
use App\Models\Moment;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Kaddle\Core\Plan\Reading\MomentReader;
use Kaddle\Core\Plan\Reading\ReadMoment;
use Kaddle\Core\Quantity\Limits;
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
        'flash.modifier.kind' => 'outfit.modifier',
        'flash.gel.kind' => 'outfit.gel',
    ];

    private ?ReadMoment $read = null;

    private Body $body;

    private Lens $lens;

    private FlashUnit $flashUnit;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'startsAt' => ['required', 'date_format:H:i'],
            'bodyId' => ['required', 'integer', 'between:1,9000000000000000000'],
            'lensId' => ['required', 'integer', 'between:1,9000000000000000000'],
            'flashUnitId' => ['required', 'integer', 'between:1,9000000000000000000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the moment a name of at most 80 characters.',
            'startsAt' => 'Give the time as hours and minutes, like 19:30.',
            'bodyId' => self::GEAR,
            'lensId' => self::GEAR,
            'flashUnitId' => self::GEAR,
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                $this->findGear($validator);
            }
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

    /** Takes the draft over into a moment and its room; stores nothing. */
    public function fill(Moment $moment): void
    {
        $this->fillRoom($moment);
        $this->fillMoment($moment);
    }

    private function findGear(Validator $validator): void
    {
        $body = $this->owner()->bodies()->find($this->integer('bodyId'));
        $lens = $this->owner()->lenses()->find($this->integer('lensId'));
        $flashUnit = $this->owner()->flashUnits()->find($this->integer('flashUnitId'));
        foreach (['bodyId' => $body, 'lensId' => $lens, 'flashUnitId' => $flashUnit] as $field => $piece) {
            if ($piece === null) {
                $validator->errors()->add($field, self::GEAR);
            }
        }
        if ($body !== null && $lens !== null && $flashUnit !== null) {
            [$this->body, $this->lens, $this->flashUnit] = [$body, $lens, $flashUnit];
        }
    }

    private function readLight(Validator $validator): void
    {
        $document = ['version' => MomentReader::VERSION] + $this->only(['room', 'camera', 'subject', 'glow', 'look', 'head']) + [
            'body' => $this->body->document(),
            'lens' => $this->lens->document($this->input('focalLength')),
            'flash' => $this->flashUnit->document($this->input('outfit.units'), $this->input('outfit.modifier'), $this->input('outfit.gel')),
        ];
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

    private function fitLens(ReadMoment $read, Validator $validator): void
    {
        $focal = Limits::between($this->lens->shortest_mm, $this->lens->longest_mm, 'mm', 1.0);
        if (!$focal->contains($read->moment->lens->focalLength)) {
            $validator->errors()->add('focalLength', $this->lens->shortest_mm === $this->lens->longest_mm
                ? sprintf('This lens has %s mm only.', Number::plain($this->lens->shortest_mm))
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
        $light = $this->light()->moment;
        $metered = $this->light()->metered;
        $moment->fill([
            'name' => $this->string('name')->toString(),
            'starts_at' => $this->string('startsAt')->toString(),
            'body_id' => $this->body->id,
            'lens_id' => $this->lens->id,
            'flash_unit_id' => $this->flashUnit->id,
            'focal_mm' => $light->lens->focalLength,
            'from_back_wall_m' => $light->scene->camera->x,
            'camera_height_m' => $light->scene->camera->z,
            'subject_distance_m' => $light->scene->distance,
            'subject_height_m' => $light->scene->face->z,
            'glow_ev' => $metered === null ? $light->glow->ev : null,
            'metered_tv' => $metered?->shutter,
            'metered_av' => $metered?->aperture,
            'metered_sv' => $metered?->iso,
            'room_under_stops' => -$light->roomLevel->value,
            'working_av' => $light->workingAperture,
            'head_aim' => $light->aim,
            'units' => $light->flash->outfit->units,
            'modifier' => $light->flash->outfit->modifier?->kind,
            'gel' => $this->input('outfit.gel'),
        ]);
    }

    private function owner(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : throw new \LogicException('a route without an account');
    }
}
