<?php

declare(strict_types=1);

namespace App\Planning;

use App\Data\AnswerData;
use App\Models\Moment;
use Illuminate\Support\Collection;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Solve\MomentSolver;

/**
 * The solver's answers for the moments of a night.
 *
 * An answer takes some milliseconds, so it is kept with the fingerprint of what was
 * asked; whatever changes room, gear, sun or wish changes the fingerprint.
 */
final readonly class Answers
{
    /** So many are asked for while somebody waits for a page. */
    public const AT_ONCE = 4;

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
            $fingerprint = $moment->fingerprint();
            $kept = $moment->answer;
            if ($kept !== null && ($kept['of'] ?? null) === $fingerprint) {
                $answers[$moment->id] = AnswerData::fromStored($kept);
            } elseif ($atOnce-- > 0) {
                $answers[$moment->id] = $answer = AnswerData::of(MomentSolver::solve(MomentReader::fromArray($moment->document())));
                $moment->keep('answer', ['of' => $fingerprint] + $answer->toStore());
            }
        }

        return new self($answers, count($moments) - count($answers));
    }

    public function for(Moment $moment): ?AnswerData
    {
        return $this->byMoment[$moment->id] ?? null;
    }
}
