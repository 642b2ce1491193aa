<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Jobs\TakeDocument;
use App\Models\Import;
use App\Models\ImportState;
use App\Models\User;
use App\Planning\Quota;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Intake\FaultyDocument;

/**
 * A document on its way in: a short one while somebody waits, a long one by the queue.
 *
 * @phpstan-type Outcome array{format: string, changes: list<\App\Data\ImportChange>}
 */
final class Importing
{
    /** Bytes that are taken in while somebody waits: a usual night. */
    private const SHORT = 262_144;

    /** Records after which the page is told how far it is. */
    private const TELL_EVERY = 20;

    private function __construct() {}

    /**
     * Begins; a short document is done when it returns.
     *
     * @throws FaultyDocument|ValidationException
     */
    public static function begin(User $user, string $json, bool $isPreview): Import
    {
        Quota::imports($user);
        $import = new Import(['is_preview' => $isPreview, 'state' => ImportState::Waiting]);
        $import->forceFill(['user_id' => $user->id]);
        if (strlen($json) <= self::SHORT) {
            $import->fill(
                ['state' => ImportState::Taken, 'outcome' => self::take($user, $json, $isPreview, static fn() => null)],
            )->save();
        } else {
            $import->fill(['document' => self::packed($json)])->save();
            TakeDocument::dispatch($import->id);
            $import->refresh(); // a queue that does not wait is done by now
        }

        return $import;
    }

    /** Takes a waiting document in, and keeps what became of it. */
    public static function finish(Import $import): void
    {
        $import->update(['state' => ImportState::Running]);
        try {
            $user = User::query()->findOrFail($import->user_id);
            $outcome = self::take($user, self::unpacked(
                (string) $import->document,
            ), $import->is_preview, static function (int $done, int $total) use ($import): void {
                if ($done % self::TELL_EVERY === 0) {
                    self::aside($import->id)->update(['done' => $done, 'total' => $total]);
                }
            });
            $import->update(['state' => ImportState::Taken, 'outcome' => $outcome, 'document' => null]);
        } catch (FaultyDocument $e) {
            self::refuse($import, $e->byField('page'));
        } catch (ValidationException $e) {
            self::refuse($import, $e->errors());
        }
    }

    /** Where it broke off for a reason of ours. */
    public static function giveUp(int $import): void
    {
        self::refuse(
            Import::query()->findOrFail($import),
            ['page' => ['The fault is ours and is in the log. Nothing was changed.']],
        );
    }

    /**
     * @param \Closure(int, int): mixed $progress records done, and all
     *
     * @return Outcome
     *
     * @throws FaultyDocument|ValidationException
     */
    private static function take(User $user, string $json, bool $isPreview, \Closure $progress): array
    {
        $document = DocumentReader::fromJson($json);

        return [
            'format' => $document->kind->value,
            'changes' => $isPreview
                ? Importer::preview($user, $document, $progress)
                : Importer::take($user, $document, $progress),
        ];
    }

    /** @param array<array-key, mixed> $errors sentences by field */
    private static function refuse(Import $import, array $errors): void
    {
        $import->update(['state' => ImportState::Refused, 'outcome' => ['errors' => $errors], 'document' => null]);
    }

    /** By a connection of its own: what the transaction of an import writes is not seen before its end. */
    private static function aside(int $import): Builder
    {
        return DB::connection('aside')->table('imports')->where('id', $import);
    }

    private static function packed(string $json): string
    {
        return base64_encode((string) gzcompress($json, 1));
    }

    private static function unpacked(string $packed): string
    {
        return (string) gzuncompress((string) base64_decode($packed, true));
    }
}
