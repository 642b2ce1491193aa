<?php

declare(strict_types=1);

namespace App\Planning;

use App\Data\AnswerData;
use App\Models\Moment;
use Illuminate\Support\Collection;
use Kaddle\Core\Plan\MomentSolver;
use Kaddle\Core\Plan\Reading\MomentReader;

/**
 * The solver's answers for the moments of a night.
 *
 * An answer takes some milliseconds, so it is kept with the fingerprint of what was
 * asked; whatever changes room, gear, sun or wish changes the fingerprint.
 */
final readonly class Answers
{
    /** So many are asked for while somebody waits for a page. */
    public const AT_ONCE = 12;

    /** @param array<int, AnswerData> $byMoment */
    private function __construct(
        private array $byMoment,
        /** Moments that were left for later. */
        public int $pending,
    ) {}

    /** @param Collection<int, Moment> $moments with everything that Moment::WHOLE names */
    public static function of(Collection $moments, int $atOnce = self::AT_ONCE): self
    {
        $answers = [];
        foreach ($moments as $moment) {
            $document = $moment->document();
            $fingerprint = hash('xxh128', MomentSolver::EDITION . json_encode($document, JSON_THROW_ON_ERROR));
            $kept = $moment->answer;
            if ($kept !== null && ($kept['of'] ?? null) === $fingerprint) {
                $answers[$moment->id] = AnswerData::fromStored($kept);
            } elseif ($atOnce-- > 0) {
                $answers[$moment->id] = $answer = AnswerData::of(MomentSolver::solve(MomentReader::fromArray($document)->moment));
                Moment::query()->whereKey($moment->id)->toBase()->update(['answer' => json_encode(['of' => $fingerprint] + get_object_vars($answer), JSON_THROW_ON_ERROR)]);
            }
        }

        return new self($answers, count($moments) - count($answers));
    }

    public function for(Moment $moment): ?AnswerData
    {
        return $this->byMoment[$moment->id] ?? null;
    }
}
