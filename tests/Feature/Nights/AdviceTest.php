<?php

declare(strict_types=1);

namespace Tests\Feature\Nights;

use App\Models\Night;
use App\Models\Piece;
use App\Models\User;
use App\Planning\BagSpares;
use App\Planning\NightKit;
use App\Starter\StarterBag;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Solve\MomentSolver;
use Tests\TestCase;

/** What the application adds to the engine's advice: the bag, the hour, the rooms of a template. */
final class AdviceTest extends TestCase
{
    /** A couple's portrait outdoors, well before sunset: the sky lights it, not a candle. */
    public function testATemplateTakesItsGlowFromTheSun(): void
    {
        $this->actingAs($user = $this->person());
        $this->post('/nights', ['name' => 'Midsummer', 'place' => 'Lock house', 'heldOn' => '2027-06-19', 'zone' => 'Europe/Oslo', 'template' => 'evening-wedding']);
        $night = Night::query()->where('user_id', $user->id)->latest('id')->firstOrFail();
        $arrival = $night->moments()->where('name', 'Arrival outside')->firstOrFail();
        self::assertTrue($arrival->isGlowFromCurve());
        self::assertGreaterThan(12.0, $arrival->glow());
        self::assertLessThan(800, (int) MomentSolver::solve(MomentReader::fromArray($arrival->document()))->best->choice->settings->iso->label());
        $supper = $night->moments()->where('name', 'Supper')->firstOrFail();
        self::assertTrue($supper->isGlowFromCurve());
        self::assertGreaterThan(4.0, $supper->glow(), 'daylight in the windows on top of the house lights');
        self::assertSame('long-time', $night->moments()->where('name', 'Dance floor opens')->firstOrFail()->settings->record('look')->text('school'));
    }

    /** Two units are offered where the bag has two. */
    public function testASecondUnitIsOfferedOnlyWhereThereIsOne(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $ways = static fn(): array => array_column(NightKit::of($user, $moment->night->wholeMoments())->for($moment)->cells ?? [], 'way');
        self::assertNotContains('two units bounced, Fast 35', $ways());
        $user->pieces()->save(new Piece(['kind' => PieceKind::Flash, 'data' => ['name' => 'The other one'] + $moment->flash->data]));
        self::assertContains('two units bounced, Fast 35', $ways());
    }

    /** What helps a flash that is too strong lies in the bag, or is not offered. */
    public function testHelpComesFromTheBag(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $moment->update(['settings' => self::settingsOf($moment, ['head' => 'direct', 'subject.distance' => 0.7, 'glow.ev' => 1.0])]);
        $solution = MomentSolver::solve(MomentReader::fromArray($moment->document()));
        $spares = BagSpares::of($user)->for($solution) ?? self::fail('not too strong');
        self::assertSame([4, 3], [count($spares->modifiers), count($spares->gels)]);
        $user->pieces()->whereIn('kind', [PieceKind::Modifier, PieceKind::Gel])->delete();
        $empty = BagSpares::of($user)->for($solution);
        self::assertSame([], $empty->modifiers);
        $moment->update(['settings' => self::settingsOf($moment, ['head' => 'left', 'subject.distance' => 3.0, 'glow.ev' => 4.0])]);
        self::assertNull(BagSpares::of($user)->for(MomentSolver::solve(MomentReader::fromArray($moment->document()))));
    }

    /** Whoever put a piece in first still gets what a night cannot do without. */
    public function testABagWithOnePieceIsFilledToWhatANightNeeds(): void
    {
        $user = User::query()->findOrFail($this->person()->id);
        $user->pieces()->delete();
        $user->pieces()->save(new Piece(['kind' => PieceKind::Gel, 'data' => ['name' => 'Amber', 'shift' => 100, 'loss' => 0.5]]));
        StarterBag::ensureFor($user);
        $kinds = $user->pieces()->get()->map(static fn(Piece $p): string => $p->kind->value)->countBy()->all();
        self::assertSame(1, $kinds['gel']);
        self::assertSame([], array_diff(['body', 'lens', 'flash'], array_keys($kinds)));
        self::assertArrayNotHasKey('battery', $kinds);
    }

    /** A unit as it was stored before, by half-angles, and cells in sets: the migration tells both as they are told now. */
    public function testStoredGearIsTakenOver(): void
    {
        $user = $this->person();
        $this->momentOf($user);
        $flash = $user->pieces()->where('kind', PieceKind::Flash)->firstOrFail();
        $battery = $user->pieces()->where('kind', PieceKind::Battery)->firstOrFail();
        DB::table('pieces')->where('id', $flash->id)->update(['data' => json_encode(['zoom' => [['focalLength' => 24, 'guideNumber' => 28, 'halfAngle' => 38]]] + $flash->data), 'before' => json_encode(['zoom' => [['focalLength' => 24, 'guideNumber' => 20, 'halfAngle' => 30]]] + $flash->data)]);
        DB::table('pieces')->where('id', $battery->id)->update(['data' => json_encode(['name' => 'Cells', 'kind' => 'nimh', 'sets' => 8])]);
        $migration = require database_path('migrations/2026_11_28_000005_tell_beams_as_printed.php');
        assert(is_object($migration) && method_exists($migration, 'up'));
        $migration->up();
        $stored = json_encode(Piece::query()->findOrFail($flash->id)->only('data', 'before'), JSON_THROW_ON_ERROR);
        self::assertStringContainsString('"coverage":76', $stored);
        self::assertStringContainsString('"coverage":60', $stored);
        self::assertStringNotContainsString('halfAngle', $stored);
        self::assertSame(32, Piece::query()->findOrFail($battery->id)->figures()->whole('cells'));
    }
}
