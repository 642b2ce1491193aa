<?php

declare(strict_types=1);

namespace Tests\Feature\Nights;

use App\Exchange\Csv;
use App\Models\Moment;
use App\Models\MomentStep;
use App\Models\Venue;
use App\Planning\BenchHistory;
use App\Planning\ChangedElsewhere;
use App\Planning\KitResult;
use App\Planning\NightKit;
use App\Planning\Turn;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Night\HouseRule;
use Kaddle\Core\Night\RuleKind;
use Kaddle\Core\Night\Slot;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is kept comes back as it was, and what leaves leaves safely. */
final class KeptTest extends TestCase
{
    public function testAKitResultComesBackWithItsPurchases(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $moment->update(['settings' => self::settingsOf($moment, ['glow.ev' => -1.0])]);
        $result = NightKit::of($user, $moment->night->wholeMoments())->for($moment) ?? self::fail('not checked');
        self::assertLessThan(0.0, $result->margin());
        self::assertNotSame([], $result->purchases);
        $revision = $moment->revision;
        self::assertEquals($result, KitResult::fromKept($moment->refresh()->kit ?? []));
        self::assertSame($revision, $moment->revision, 'and is no change');
    }

    public function testAKitResultWithoutLightHasNoMargin(): void
    {
        self::assertSame(-INF, KitResult::fromKept(['cells' => [['way' => 'bounced, Fast 35', 'lens' => 'Fast 35', 'stops' => null, 'short' => true, 'bound' => 'no light arrives', 'head' => 'Straight up']], 'best' => 0, 'purchases' => []])->margin());
    }

    /** @param list<string> $told kinds of rules that are told */
    #[DataProvider('slots')]
    public function testRulesAreToldWhenTheyTouchAMoment(string $starts, int $minutes, array $told, bool $noFlash): void
    {
        $rules = (new Venue(['rules' => [
            ['rule' => 'no-flash', 'from' => '18:00', 'to' => '18:40', 'note' => 'Vows'],
            ['rule' => 'no-stands', 'from' => '23:00', 'to' => '02:00'],
        ]]))->houseRules();
        $slot = Slot::at($starts, $minutes);
        self::assertSame($told, array_map(static fn(HouseRule $r): string => $r->kind === RuleKind::NoFlash ? 'flash' : 'stands', $rules->during($slot)));
        self::assertSame($noFlash, $rules->forbidFlash($slot));
    }

    /** @return iterable<string, array{string, int, list<string>, bool}> */
    public static function slots(): iterable
    {
        yield 'before' => ['17:30', 30, [], false];
        yield 'its last minute' => ['17:30', 31, ['flash'], true];
        yield 'inside' => ['18:10', 10, ['flash'], true];
        yield 'as it ends' => ['18:40', 60, [], false];
        yield 'over midnight' => ['23:50', 30, ['stands'], false];
        yield 'after midnight' => ['01:30', 10, ['stands'], false];
        yield 'all evening' => ['17:00', 600, ['flash', 'stands'], true];
    }

    public function testOldStepsAreForgotten(): void
    {
        $moment = $this->momentOf($this->person());
        for ($i = 0; $i < 105; ++$i) {
            BenchHistory::of($moment)->change(BenchHistory::of($moment)->revision(), static function (Moment $m) use ($i): void {
                $m->fill(['name' => "Step $i"]);
            });
        }
        self::assertSame(100, MomentStep::query()->count());
        self::assertSame(105, $moment->refresh()->revision);
        self::assertSame('Step 4', MomentStep::query()->oldest('id')->firstOrFail()->moment['name'], 'the oldest go first');
    }

    public function testNothingIsHalfStored(): void
    {
        $moment = $this->momentOf($this->person());
        $before = [DB::table('moments')->get()->all(), DB::table('rooms')->get()->all(), DB::table('moment_steps')->count()];
        try {
            Turn::take($moment->ownerId(), static fn() => BenchHistory::of($moment)->change(BenchHistory::of($moment)->revision(), static function (Moment $m): void {
                $m->room->fill(['height_m' => 4.0]);
                $m->fill(['minutes' => 5000]); // which the database refuses
            }));
            self::fail('stored');
        } catch (\Illuminate\Database\QueryException) {
            self::assertEquals($before, [DB::table('moments')->get()->all(), DB::table('rooms')->get()->all(), DB::table('moment_steps')->count()]);
        }
    }

    public function testAnOldRevisionIsToldInAnySense(): void
    {
        $moment = $this->momentOf($this->person());
        foreach (['', '0', '0.1', '1.0', 'x', '0.0 '] as $seen) {
            try {
                BenchHistory::of($moment)->undo($seen);
                self::fail("took “{$seen}”");
            } catch (ChangedElsewhere $e) {
                self::assertStringContainsString('another tab', $e->getMessage());
            }
        }
    }

    #[DataProvider('cells')]
    public function testACellIsNoFormula(string|int|float|null $value, string $written): void
    {
        self::assertSame("\"Head\"\r\n$written\r\n", Csv::download('x', ['Head'], [[$value]])->getContent());
    }

    /** @return iterable<string, array{string|int|float|null, string}> */
    public static function cells(): iterable
    {
        yield 'text' => ['Supper', '"Supper"'];
        yield 'quotes' => ['the "long" table', '"the ""long"" table"'];
        yield 'a comma and a line' => ["a, b\nc", "\"a, b\nc\""];
        yield 'a formula' => ['=HYPERLINK("x")', '"\'=HYPERLINK(""x"")"'];
        yield 'a formula by plus' => ['+1', '"\'+1"'];
        yield 'a formula by at' => ['@SUM(A1)', '"\'@SUM(A1)"'];
        yield 'a minus as people write it' => ['−⅔', '"−⅔"'];
        yield 'a number' => [-1.5, '-1.5'];
        yield 'nothing' => [null, ''];
    }
}
