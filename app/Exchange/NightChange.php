<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Moment;
use App\Models\Night;
use App\Models\User;
use App\Planning\NightScore;
use App\Planning\Turn;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Exchange\ChangedNight;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Exchange\KeptPast;
use Kaddle\Core\Exchange\ReadDocument;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Quantity\Sentence;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\ChangeWords;
use Kaddle\Core\Words\Voice;

/**
 * What a night would be if one thing turned out otherwise: its document is changed and taken in like any
 * other, and let go again unless it is to be kept. What was kept can be taken back while nothing else
 * has been changed since.
 */
final readonly class NightChange
{
    /** @param array<string, string> $names of rooms and pieces, by identity */
    private function __construct(
        private Night $night,
        private User $user,
        private Record $change,
        private ReadDocument $before,
        private array $names,
        private KnownLights $known,
    ) {}

    /** @param Record $change by ChangeForm::shape() */
    public static function of(Night $night, User $user, Record $change, KnownLights $known): self
    {
        $others = $change->has('other') ? $user->pieces()->where('uid', $change->text('other'))->get()->all() : [];
        $before = self::read(Exporter::night($night, array_values($others)));
        $document = $before->document;
        $names = [];
        foreach ([...$document->record('place')->records('rooms'), ...$document->records('pieces')] as $record) {
            $names[$record->text('uid')] = $record->text('name');
        }

        return new self($night, $user, $change, $before, $names, $known);
    }

    public function sentence(Voice $voice): string
    {
        return ChangeWords::of($this->change, $this->names, $voice);
    }

    /**
     * The night as it would be, read and let go again.
     *
     * @return array{Night, Collection<int, Moment>} and its moments, with everything that Moment::WHOLE names
     */
    public function night(): array
    {
        return Turn::take($this->user->id, function (): array {
            $this->take();
            $night = Night::query()->findOrFail($this->night->id);

            return [$night, $night->wholeMoments()];
        }, static fn(): bool => false);
    }

    /** Stores it. */
    public function keep(Voice $voice): void
    {
        $before = self::json(Exporter::night($this->night));
        $this->take();
        $this->night->refresh();
        $this->night->update(['kept' => [
            'sentence' => $this->sentence($voice),
            'before' => $before,
            'after' => self::print($this->night),
        ]]);
    }

    /** Takes back what was kept last. */
    public static function undo(Night $night, User $user): void
    {
        $kept = $night->kept ?? throw ValidationException::withMessages(['page' => 'There is nothing to take back.']);
        if (self::print($night) !== $kept['after']) {
            throw ValidationException::withMessages(['page' => 'The night was changed since: take it back by hand, moment by moment.']);
        }
        Importer::take($user, DocumentReader::fromJson($kept['before']));
        $night->refresh()->update(['kept' => null]);
    }

    /** Whether what was kept last can be taken back. */
    public static function canUndo(Night $night): bool
    {
        return $night->kept !== null && self::print($night) === $night->kept['after'];
    }

    private function take(): void
    {
        try {
            $changed = self::read(ChangedNight::of($this->before, $this->change));
            Importer::take($this->user, $this->change->flag('keepsPast') ? self::read($this->withPast($changed)) : $changed);
        } catch (FaultyDocument $e) {
            throw $this->told($e);
        }
    }

    /** @return array<string, mixed> */
    private function withPast(ReadDocument $changed): array
    {
        return KeptPast::of($changed, $this->before, NightScore::of($this->night, $this->night->wholeMoments(), $this->known));
    }

    /** What the changed document gets wrong, by the moment that it is about; what the form gets wrong stays with its field. */
    private function told(FaultyDocument $e): FaultyDocument
    {
        $fault = $e->faults[0];
        $moment = preg_match('/^moments\.(\d+)\./', $fault->field, $found) === 1 ? $this->before->document->records('moments')[(int) $found[1]] ?? null : null;

        return $moment === null ? $e : FaultyDocument::at('what', Sentence::of('“%s” does not fit then. %s', $moment->record('plan')->text('name'), $fault->sentence));
    }

    /** @param array<string, mixed> $document */
    private static function read(array $document): ReadDocument
    {
        return DocumentReader::fromJson(self::json($document));
    }

    private static function print(Night $night): string
    {
        return hash('xxh128', self::json(Exporter::night($night->fresh() ?? $night)));
    }

    /** @param array<string, mixed> $document */
    private static function json(array $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE);
    }
}
