<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Moment;
use App\Models\Piece;
use App\Models\User;
use Illuminate\Support\Collection;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\PieceReader;
use Kaddle\Core\Plan\KitCheck;
use Kaddle\Core\Plan\KitWay;
use Kaddle\Core\Plan\Reading\MomentReader;

/** Whether the bag reaches, for moments of a night. */
final class NightKit
{
    private function __construct() {}

    /**
     * @param Collection<int, Moment> $moments with everything that Moment::WHOLE names
     *
     * @return array<int, KitCheck> by moment
     */
    public static function of(User $user, Collection $moments): array
    {
        $lenses = $user->pieces()->where('kind', PieceKind::Lens)->toChoose()->orderBy('id')->limit(6)->get();
        $checks = [];
        foreach ($moments as $moment) {
            $depth = $moment->plan['depth'] ?? 0.0;
            $checks[$moment->id] = KitCheck::of(
                MomentReader::fromArray($moment->document())->moment,
                self::ways($lenses->isEmpty() ? new Collection([$moment->lens]) : $lenses, $moment->focal_mm),
                is_numeric($depth) ? (float) $depth : 0.0,
            );
        }

        return $checks;
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
            $openings = PieceReader::openings($piece->data);
            $at = $openings->focalLimits()->nearest($focal);
            $lens = Lens::of($at, $openings->at($at), PieceReader::narrowest($piece->data));
            $ways[] = KitWay::bounced($piece->name(), $lens);
            $ways[] = KitWay::straight($piece->name(), $lens);
            $second ??= KitWay::withSecondUnit($piece->name(), $lens);
        }

        return isset($second) ? [...$ways, $second] : throw new \LogicException('no lens to check');
    }
}
