<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Moment;
use App\Models\Night;
use App\Models\Piece;
use App\Models\User;
use Illuminate\Support\Collection;
use Kaddle\Core\Gear\BatteryKind;
use Kaddle\Core\Gear\Feed;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Night\HouseRules;
use Kaddle\Core\Night\Slot;
use Kaddle\Core\Power\EnergyPlan;
use Kaddle\Core\Power\EnergyStep;
use Kaddle\Core\Power\PlannedUse;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Solve\KnownLights;

/** Batteries over a night, one plan for each flash unit that is used in it. */
final readonly class NightEnergy
{
    /** Share of full power that stands for a flash that is off: it is multiplied with no frames. */
    private const NOTHING = 1.0 / 512.0;

    /**
     * @param array<int, array{Piece, Feed, EnergyPlan, list<Slot>}> $plans by piece, with when each of its steps is
     * @param array<int, EnergyStep> $steps by moment
     * @param array<string, int> $carried cells by kind of battery
     */
    private function __construct(
        public array $plans,
        private array $steps,
        private array $carried,
    ) {}

    /**
     * As the night is solved as a whole.
     *
     * @param Collection<int, Moment> $moments those of the night, in time order
     */
    public static function ofScore(Night $night, User $user, Collection $moments, KnownLights $known): self
    {
        return self::by(NightScore::of($night, $moments, $known), $night, $user, $moments);
    }

    /** @param Collection<int, Moment> $moments those of the night that the score is of, in time order */
    public static function by(Score $score, Night $night, User $user, Collection $moments): self
    {
        $shares = $score->shares();

        return self::of($night, $user, $moments, static fn(Moment $m): float => $shares[$m->uid] ?? 0.0);
    }

    /**
     * @param Collection<int, Moment> $moments those of the night, in time order
     * @param \Closure(Moment): (float|null) $share of full power that a pop takes in a moment; 0 for no flash, null where nobody knows yet: that is taken at full power, the worst case
     */
    public static function of(Night $night, User $user, Collection $moments, \Closure $share): self
    {
        $rules = $night->venue->houseRules();
        $carried = self::cellsIn($user);
        $plans = [];
        $steps = [];
        foreach ($moments->groupBy('flash_id') as $id => $sharing) {
            $flash = $sharing->firstOrFail()->flash;
            $feed = self::feed($flash->figures(), $carried);
            $plan = EnergyPlan::of(
                array_values($sharing->map(static fn(Moment $m): PlannedUse => self::use($m, $share($m) ?? 1.0, $rules))->all()),
                $feed->source,
            );
            $plans[(int) $id] = [$flash, $feed, $plan, array_values($sharing->map(static fn(Moment $m): Slot => $m->slot())->all())];
            foreach ($sharing->values() as $i => $moment) {
                $steps[$moment->id] = $plan->steps[$i];
            }
        }

        return new self($plans, $steps, $carried);
    }

    public function during(Moment $moment): EnergyStep
    {
        return $this->steps[$moment->id];
    }

    /** Cells, or packs, of a kind in the bag. */
    public function cellsOf(?BatteryKind $battery): int
    {
        return $battery === null ? 0 : $this->carried[$battery->value] ?? 0;
    }

    private static function use(Moment $moment, float $share, HouseRules $rules): PlannedUse
    {
        $rate = $moment->plan->has('framesPerMinute') ? $moment->plan->number('framesPerMinute') : PlannedUse::USUAL_RATE;

        $isOff = $share === 0.0 || $rules->forbidFlash($moment->slot()) || $moment->settings->record('look')->flag('withoutFlash');

        return PlannedUse::ofMinutes(
            $moment->name,
            (float) $moment->minutes,
            $isOff ? 0.0 : $rate,
            $isOff ? self::NOTHING : $share,
        );
    }

    /** What feeds a unit from this bag. */
    public static function feedFor(Record $unit, User $user): Feed
    {
        return self::feed($unit, self::cellsIn($user));
    }

    /** @param array<string, int> $carried cells by kind of battery */
    private static function feed(Record $unit, array $carried): Feed
    {
        return Feed::of($unit, array_map(BatteryKind::from(...), array_keys($carried)));
    }

    /** @return array<string, int> by kind of battery */
    private static function cellsIn(User $user): array
    {
        $cells = [];
        foreach ($user->pieces()->where('kind', PieceKind::Battery)->toChoose()->orderBy('id')->get() as $piece) {
            $kind = $piece->figures()->text('kind');
            $cells[$kind] = ($cells[$kind] ?? 0) + $piece->figures()->whole('cells');
        }

        return $cells;
    }
}
