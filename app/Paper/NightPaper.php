<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Moment;
use App\Models\Night;
use App\Models\Piece;
use App\Models\User;
use App\Pages\CardsPage;
use App\Pages\EnergyPage;
use App\Pages\ScorePage;
use App\Planning\NightEnergy;
use Illuminate\Support\Collection;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\PieceWords;
use Kaddle\Core\Words\Voice;

/** A night as PDF, with the same numbers as its pages. */
final class NightPaper
{
    private function __construct() {}

    public static function of(Night $night, Paper $paper, User $user, KnownLights $known, Voice $voice): string
    {
        $shown = ['night' => $night, 'voice' => $voice] + match ($paper) {
            Paper::Cards, Paper::CardsDark, Paper::Page => self::cards($night, $paper, $known, $voice),
            Paper::Score => ['sheet' => ScoreSheet::of(ScorePage::of($night, null, $known, $voice), $voice)],
            Paper::Packing => self::packing($night, $user, $known, $voice),
        };

        return Pdf::of($paper->view(), $paper->millimetres(), $shown);
    }

    /** @return array<string, mixed> */
    private static function cards(Night $night, Paper $paper, KnownLights $known, Voice $voice): array
    {
        $cards = CardsPage::of($night, $known, $voice, $paper !== Paper::Page);

        return ['score' => $cards->score, 'rooms' => $cards->rooms, 'dark' => $paper === Paper::CardsDark];
    }

    /** @return array<string, mixed> */
    private static function packing(Night $night, User $user, KnownLights $known, Voice $voice): array
    {
        $moments = $night->wholeMoments();
        $pieces = $moments->flatMap(static fn(Moment $m): array => $m->gear())->unique('id');
        $units = static fn(Piece $piece): int => max(1, ...array_values($moments->where('flash_id', $piece->id)->map(static fn(Moment $m): int => $m->settings->whole('units'))->all()));

        return [
            'kinds' => array_values(array_filter(array_map(
                static fn(PieceKind $kind): array => [$kind->inWords(), self::lines($pieces->where('kind', $kind), $units, $voice)],
                PieceKind::cases(),
            ), static fn(array $kind): bool => $kind[1] !== [])),
            'energy' => EnergyPage::of(NightEnergy::ofScore($night, $user, $moments, $known))->units,
        ];
    }

    /**
     * @param Collection<int, Piece> $pieces
     * @param \Closure(Piece): int $units
     *
     * @return list<array{string, string}> name and figures
     */
    private static function lines(Collection $pieces, \Closure $units, Voice $voice): array
    {
        return array_values($pieces->map(static fn(Piece $p): array => [
            ($p->kind === PieceKind::Flash && $units($p) > 1 ? $units($p) . ' × ' : '') . $p->name(),
            PieceWords::inALine($p->kind, $p->figures(), $voice),
        ])->all());
    }
}
