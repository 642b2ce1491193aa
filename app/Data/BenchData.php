<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Body;
use App\Models\FlashUnit;
use App\Models\Lens;
use App\Models\Moment;
use App\Models\User;
use Kaddle\Core\Plan\Document\SolutionDocument;

/** Everything the bench shows when it opens. */
final readonly class BenchData
{
    /**
     * @param list<BodyChoice> $bodies
     * @param list<LensChoice> $lenses
     * @param list<GearChoice> $flashUnits
     */
    private function __construct(
        public int $momentId,
        public NightData $night,
        public string $roomName,
        /** Other moments in the same room, which a change of the room touches too. */
        public int $othersInRoom,
        public MomentDraft $draft,
        public SolutionDocument $solution,
        /** @var list<BodyChoice> */
        public array $bodies,
        /** @var list<LensChoice> */
        public array $lenses,
        /** @var list<GearChoice> */
        public array $flashUnits,
    ) {}

    public static function of(Moment $moment, User $user, SolutionDocument $solution): self
    {
        return new self(
            $moment->id,
            NightData::of($moment->night),
            $moment->room->name,
            Moment::query()->where('room_id', $moment->room_id)->count() - 1,
            MomentDraft::of($moment),
            $solution,
            array_values($user->bodies->map(static fn(Body $b): BodyChoice => BodyChoice::of($b))->all()),
            array_values($user->lenses->map(static fn(Lens $l): LensChoice => LensChoice::of($l))->all()),
            array_values($user->flashUnits->map(static fn(FlashUnit $f): GearChoice => GearChoice::flash($f))->all()),
        );
    }
}
