<?php

declare(strict_types=1);

namespace App\Planning;

use App\Data\AnswerData;
use App\Models\Moment;
use Illuminate\Support\Collection;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\ShortfallWords;

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
                $answers[$moment->id] = self::fromKept($kept);
            } elseif ($atOnce-- > 0) {
                $answers[$moment->id] = $answer = self::answer(
                    MomentSolver::solve(MomentReader::fromArray($moment->document())),
                );
                $moment->keep('answer', ['of' => $fingerprint] + get_object_vars($answer));
            }
        }

        return new self($answers, count($moments) - count($answers));
    }

    public function for(Moment $moment): ?AnswerData
    {
        return $this->byMoment[$moment->id] ?? null;
    }

    public static function answer(Solution $solution): AnswerData
    {
        $settings = $solution->best->choice->settings;

        return new AnswerData(
            $solution->isFeasible(),
            $settings->shutter->inWords(),
            $settings->aperture->label(),
            "ISO {$settings->iso->label()}",
            $solution->best->light->aim->inWords(),
            $solution->best->output->label(),
            $solution->best->output->share(),
            implode(' ', array_map(static fn(Shortfall $s): string => ShortfallWords::of($s), $solution->shortfalls)),
        );
    }

    /** @param array<string, mixed> $kept as it was kept under the fingerprint of today, so by the answer's own fields */
    public static function fromKept(array $kept): AnswerData
    {
        /** @var array{feasible: bool, shutter: string, aperture: string, iso: string, head: string, output: string, share: float, shortfall: string} $fields */
        $fields = array_diff_key($kept, ['of' => null]);

        return new AnswerData(...$fields);
    }
}
