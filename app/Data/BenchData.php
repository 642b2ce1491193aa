<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use App\Models\Piece;
use App\Models\User;
use App\Planning\HouseRules;
use App\Planning\MomentCautions;
use App\Planning\Pins;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Solve\Solution;

/** Everything the bench shows when it opens. */
final readonly class BenchData
{
    /**
     * @param list<BodyChoice> $bodies
     * @param list<LensChoice> $lenses
     * @param list<GearChoice> $flashUnits
     * @param list<GearChoice> $modifiers
     * @param list<GearChoice> $gels
     * @param list<PinData> $pins
     * @param list<string> $rules
     * @param list<string> $cautions
     */
    private function __construct(
        public int $momentId,
        public NightData $night,
        public int $roomId,
        public string $roomName,
        /** Other moments in the same room, which a change of the room touches too. */
        public int $othersInRoom,
        public BenchState $stored,
        public SolutionDocument $solution,
        /** Settings that are kept, beside what is set. @var list<PinData> */
        public array $pins,
        /** @var list<BodyChoice> */
        public array $bodies,
        /** @var list<LensChoice> */
        public array $lenses,
        /** @var list<GearChoice> */
        public array $flashUnits,
        /** @var list<GearChoice> */
        public array $modifiers,
        /** @var list<GearChoice> */
        public array $gels,
        /** What the curve of the room says for the middle of the moment, as stored. */
        public CurveData $curve,
        /** What the house forbids then. @var list<string> */
        public array $rules,
        /** What wants care. @var list<string> */
        public array $cautions,
    ) {}

    public static function of(Moment $moment, User $user, Solution $solution): self
    {
        $pieces = $user->pieces()
            ->toChoose([$moment->body_id, $moment->lens_id, $moment->flash_id, $moment->modifier_id, $moment->gel_id])
            ->orderBy('id')->get();
        $choices = static fn(PieceKind $kind): array => array_values($pieces->where('kind', $kind)->map(static fn(Piece $p): GearChoice => GearChoice::of($p))->all());

        return new self(
            $moment->id,
            NightData::of($moment->night),
            $moment->room_id,
            $moment->room->name,
            Moment::query()->where('room_id', $moment->room_id)->count() - 1,
            BenchState::of($moment),
            SolutionDocument::of($solution),
            Pins::of($moment)->beside($solution),
            array_values($pieces->where('kind', PieceKind::Body)->map(static fn(Piece $p): BodyChoice => BodyChoice::of($p))->all()),
            array_values($pieces->where('kind', PieceKind::Lens)->map(static fn(Piece $p): LensChoice => LensChoice::of($p))->all()),
            $choices(PieceKind::Flash),
            $choices(PieceKind::Modifier),
            $choices(PieceKind::Gel),
            CurveData::of($moment->curvePoint(), $moment->night->venue->timeZone()),
            HouseRules::of($moment->night->venue)->during($moment->slot()),
            MomentCautions::of($moment, null),
        );
    }
}
