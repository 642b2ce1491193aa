<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Piece;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Kaddle\Core\Advice\Spares;
use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Flash\Modifier;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\Solution;

/** What a bag holds against a flash that is too strong, looked up only where one is. */
final class BagSpares
{
    private ?Spares $spares = null;

    private function __construct(
        private readonly User $user,
    ) {}

    public static function of(User $user): self
    {
        return new self($user);
    }

    public function for(Solution $solution): ?Spares
    {
        $isTooStrong = static fn(Shortfall $s): bool => $s->has(Limit::LowestOutput);
        if (array_filter($solution->shortfalls, $isTooStrong) === []) {
            return null;
        }

        return $this->all();
    }

    public function all(): Spares
    {
        return $this->spares ??= $this->found();
    }

    private function found(): Spares
    {
        $pieces = $this->user->pieces()->whereIn('kind', [PieceKind::Modifier, PieceKind::Gel])->toChoose()->orderBy('id')->get();

        return Spares::of(
            array_values($pieces->where('kind', PieceKind::Modifier)->map(
                static fn(Piece $p): Modifier => Modifier::fromCatalogue($p->figures()->choice('kind', ModifierKind::class)),
            )->all()),
            array_values(self::gels($pieces)),
        );
    }

    /** @return array<int, Gel> by piece */
    public function gelsOfPieces(): array
    {
        return self::gels($this->user->pieces()->where('kind', PieceKind::Gel)->toChoose()->orderBy('id')->get());
    }

    /**
     * @param Collection<int, Piece> $pieces
     *
     * @return array<int, Gel> by piece
     */
    private static function gels(Collection $pieces): array
    {
        $gels = [];
        foreach ($pieces->where('kind', PieceKind::Gel) as $piece) {
            $figures = $piece->figures();
            $gels[$piece->id] = Gel::of(Mired::of($figures->number('shift')), Stops::of($figures->number('loss')));
        }

        return $gels;
    }
}
