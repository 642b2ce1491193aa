<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Moment;
use App\Models\MomentStep;
use App\Models\Room;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Leaves;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Quantity\Sentence;

/**
 * Every change of a moment on the bench, kept so that it can be taken back and made again.
 *
 * Each change is made against the revision that somebody saw: whoever saw an older one is
 * told, and overwrites nothing.
 */
final readonly class BenchHistory
{
    /** Steps back that are kept. */
    private const MOST = 100;

    private function __construct(
        private Moment $moment,
    ) {}

    public static function of(Moment $moment): self
    {
        return new self($moment);
    }

    /** What a page must have seen to change anything: how often moment and room were changed. */
    public function revision(): string
    {
        return "{$this->moment->revision}.{$this->moment->room->revision}";
    }

    public function canUndo(): bool
    {
        return $this->steps(false)->exists();
    }

    public function canRedo(): bool
    {
        return $this->steps(true)->exists();
    }

    /**
     * Makes a change; all of it or nothing, as everything in a turn.
     *
     * @param \Closure(Moment): void $fill changes moment and room, stores nothing
     *
     * @throws ChangedElsewhere
     */
    public function change(string $seen, \Closure $fill): void
    {
        $this->mustHaveSeen($seen);
        $fill($this->moment);
        $step = [
            'moment' => self::before($this->moment, Moment::BENCH),
            'room' => self::before($this->moment->room, Room::BOX),
        ];
        if ($step['moment'] === [] && $step['room'] === []) {
            return;
        }
        $this->steps(true)->delete();
        $this->moment->steps()->create($step);
        $this->store();
        MomentStep::query()->whereKey(
            $this->steps(false)->latest('id')->skip(self::MOST)->limit(self::MOST)->pluck('id'),
        )->delete();
    }

    /** @throws ChangedElsewhere */
    public function undo(string $seen): void
    {
        $this->mustHaveSeen($seen);
        $this->swap($this->steps(false)->latest('id')->first(), 'There is nothing to take back.');
    }

    /** @throws ChangedElsewhere */
    public function redo(string $seen): void
    {
        $this->mustHaveSeen($seen);
        $this->swap($this->steps(true)->oldest('id')->first(), 'There is nothing to make again.');
    }

    /** @throws ChangedElsewhere */
    private function mustHaveSeen(string $seen): void
    {
        $this->moment->refresh()->load(Moment::WHOLE);
        if ($this->revision() !== $seen) {
            throw new ChangedElsewhere();
        }
    }

    private function swap(?MomentStep $step, string $none): void
    {
        if ($step === null) {
            throw ValidationException::withMessages(['page' => $none]);
        }
        $settings = $step->settings();
        $before = $this->moment->settings->toArray();
        $after = Leaves::put($before, $settings);
        $now = [
            'moment' => array_intersect_key($this->moment->getAttributes(), $step->moment),
            'room' => array_intersect_key($this->moment->room->getAttributes(), $step->room),
        ];
        if ($settings !== []) {
            $now['moment']['settings'] = Leaves::difference($after, $before);
        }
        $this->moment->setRawAttributes(
            [...$this->moment->getAttributes(), ...array_diff_key($step->moment, ['settings' => null])],
        );
        $this->moment->room->setRawAttributes([...$this->moment->room->getAttributes(), ...$step->room]);
        $this->moment->load(array_diff(Moment::WHOLE, ['room.venue']));
        try {
            $this->moment->settings = MomentForm::settings()->whole($after);
            MomentReader::fromArray($this->moment->document());
        } catch (FaultyDocument $e) {
            throw FaultyDocument::at('page', Sentence::of('That is not possible any more. %s', $e->sentence()));
        }
        $step->update([...$now, 'undone' => !$step->undone]);
        $this->store();
    }

    private function store(): void
    {
        MomentsStillFit::inRoom($this->moment->room, $this->moment->id);
        $this->moment->room->save();
        $this->moment->save();
    }

    /**
     * Only what a change touches goes into its step, so that taking it back leaves alone what
     * another moment has changed in the same room since.
     *
     * @param list<string> $columns
     *
     * @return array<string, mixed> values before the change, of those columns that it changes; of the settings, by dotted path
     */
    private static function before(Moment|Room $record, array $columns): array
    {
        $before = array_intersect_key(
            $record->getRawOriginal(),
            array_intersect_key($record->getDirty(), array_flip($columns)),
        );
        if ($record instanceof Moment && isset($before['settings'])) {
            $original = $record->getOriginal('settings');
            $before['settings'] = Leaves::difference(
                MomentForm::kept($record->settings),
                $original instanceof Record ? $original->toArray() : [],
            );
        }

        return $before;
    }

    /** @return \Illuminate\Database\Eloquent\Relations\HasMany<MomentStep, Moment> */
    private function steps(bool $undone): \Illuminate\Database\Eloquent\Relations\HasMany
    {
        return $this->moment->steps()->where('undone', $undone);
    }
}
