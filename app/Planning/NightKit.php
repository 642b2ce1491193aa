<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Moment;
use App\Models\Piece;
use App\Models\User;
use Illuminate\Support\Collection;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Kit\KitCheck;
use Kaddle\Core\Kit\KitWay;
use Kaddle\Core\Situation\Moment as LightMoment;

/** Whether the bag reaches, for all moments of a night; kept like the answers of the solver. */
final readonly class NightKit
{
    /** So many are checked while somebody waits for a page. */
    public const AT_ONCE = 4;

    /** Lenses that are tried, the first of the bag. */
    private const LENSES = 6;

    /** @param array<int, KitResult> $byMoment */
    private function __construct(
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
        $units = $user->pieces()->where('kind', PieceKind::Flash)->toChoose()->get();
        $results = [];
        foreach ($moments as $moment) {
            $hasSecond = self::hasSecond($moment, $units);
            $fingerprint = $moment->fingerprint(KitResult::FORM, $figures, $hasSecond);
            $kept = $moment->kit;
            if ($kept !== null && ($kept['of'] ?? null) === $fingerprint) {
                $results[$moment->id] = KitResult::fromKept($kept);
            } elseif ($atOnce-- > 0) {
                $light = MomentReader::fromArray($moment->document());
                $check = KitCheck::of($light, self::ways($lenses, $light, $hasSecond));
                $results[$moment->id] = $result = KitResult::of($check);
                $moment->keepKit(['of' => $fingerprint] + $result->toStore());
            }
        }

        return new self($results, count($moments) - count($results));
    }

    public function for(Moment $moment): ?KitResult
    {
        return $this->byMoment[$moment->id] ?? null;
    }

    /**
     * Whether the bag has as many units of the kind again.
     *
     * @param Collection<int, Piece> $units of the bag
     */
    private static function hasSecond(Moment $moment, Collection $units): bool
    {
        $alike = static fn(Piece $piece): array => array_diff_key($piece->data, ['name' => null]);
        $own = $alike($moment->flash);

        return $units->filter(static fn(Piece $p): bool => $alike($p) === $own)->count() >= 2 * $moment->settings->whole('units');
    }

    /**
     * Each lens bounced and straight, and the first with a second unit; without flash where that is off.
     *
     * @param Collection<int, Piece> $lenses
     *
     * @return non-empty-list<KitWay>
     */
    private static function ways(Collection $lenses, LightMoment $moment, bool $hasSecond): array
    {
        $ways = $second = [];
        foreach ($lenses as $piece) {
            $lens = LensForm::at($piece->figures(), $moment->lens->focalLength);
            if ($moment->look->withoutFlash) {
                $ways[] = KitWay::withoutFlash($piece->name(), $lens);
                continue;
            }
            $ways[] = KitWay::bounced($piece->name(), $lens);
            $ways[] = KitWay::straight($piece->name(), $lens);
            $second = $hasSecond && $second === [] ? [KitWay::bounced($piece->name(), $lens, 2)] : $second;
        }

        return $ways === [] ? throw new \LogicException('no lens to check') : [...$ways, ...$second];
    }
}
