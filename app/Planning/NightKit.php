<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Moment;
use App\Models\Piece;
use App\Models\User;
use Illuminate\Support\Collection;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Kit\KitCheck;
use Kaddle\Core\Kit\KitWay;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Words\KitWords;

/** Whether the bag reaches, for all moments of a night; kept like the answers of the solver. */
final readonly class NightKit
{
    /** So many are checked while somebody waits for a page. */
    public const AT_ONCE = 4;

    /** Lenses that are tried, the first of the bag. */
    private const LENSES = 6;

    /**
     * @param list<string> $ways
     * @param array<int, KitResult> $byMoment
     */
    private function __construct(
        /** What the ways are called, in the order of each result's cells. */
        public array $ways,
        private array $byMoment,
        /** Moments that were left for later. */
        public int $pending,
    ) {}

    /** @param Collection<int, Moment> $moments with everything that Moment::WHOLE names */
    public static function of(User $user, Collection $moments, int $atOnce = self::AT_ONCE): self
    {
        $lenses = $user->pieces()->where('kind', PieceKind::Lens)->toChoose()->orderBy('id')->limit(self::LENSES)->get();
        $lenses = $lenses->isEmpty()
            ? $moments->map(static fn(Moment $m): Piece => $m->lens)->take(1)->values()
            : $lenses;
        $figures = $lenses->map(static fn(Piece $p): array => $p->data)->all();
        $results = [];
        foreach ($moments as $moment) {
            $depth = $moment->plan->number('depth');
            $fingerprint = $moment->fingerprint(KitResult::FORM, $figures, $depth);
            $kept = $moment->kit;
            if ($kept !== null && ($kept['of'] ?? null) === $fingerprint) {
                $results[$moment->id] = KitResult::fromKept($kept);
            } elseif ($atOnce-- > 0) {
                $check = KitCheck::of(
                    MomentReader::fromArray($moment->document()),
                    self::ways($lenses, $moment->settings->number('focalLength')),
                    Length::ofMetres($depth),
                );
                $results[$moment->id] = $result = KitResult::of($check);
                $moment->keep('kit', ['of' => $fingerprint] + $result->toStore());
            }
        }

        return new self(
            array_map(static fn(KitWay $way): string => KitWords::way($way), self::ways($lenses, 50.0)),
            $results,
            count($moments) - count($results),
        );
    }

    public function for(Moment $moment): ?KitResult
    {
        return $this->byMoment[$moment->id] ?? null;
    }

    /**
     * Each lens bounced and straight, and the first with a second unit.
     *
     * @param Collection<int, Piece> $lenses
     *
     * @return non-empty-list<KitWay>
     */
    private static function ways(Collection $lenses, float $focal): array
    {
        $ways = [];
        foreach ($lenses as $piece) {
            $openings = LensForm::openings($piece->figures());
            $at = $openings->focalRange()->nearest($focal);
            $lens = Lens::ofMillimetres($at, $openings->at($at), LensForm::narrowest($piece->figures()));
            $ways[] = KitWay::bounced($piece->name(), $lens);
            $ways[] = KitWay::straight($piece->name(), $lens);
            $second ??= KitWay::withSecondUnit($piece->name(), $lens);
        }

        return isset($second) ? [...$ways, $second] : throw new \LogicException('no lens to check');
    }
}
