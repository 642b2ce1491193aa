<?php

declare(strict_types=1);

namespace Tests\Feature\Moments;

use App\Models\Moment;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Inertia\Testing\AssertableInertia;
use Kaddle\Core\Document\PictureDocument;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\People\People;
use Kaddle\Core\Picture\Figure;
use Kaddle\Core\Picture\PictureView;
use Kaddle\Core\Picture\SpotFinder;
use Kaddle\Core\Picture\View;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;
use Tests\TestCase;

/** The picture of a moment, and the way from one moment to the next. */
final class PictureOfMomentTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seed(DatabaseSeeder::class);
        $this->actingAs(User::query()->firstOrFail());
    }

    /** Face and wall of every moment of the demo are as bright in its picture as its answer says. */
    public function testItSaysOfEveryMomentWhatTheBenchSays(): void
    {
        $seen = 0;
        foreach (Moment::query()->with(Moment::WHOLE)->get() as $moment) {
            $solution = MomentSolver::solve(MomentReader::fromArray($moment->document()));
            $levels = $solution->levels;
            $flash = $solution->best->isOff() ? 0.0 : $levels->faceFlash->ratio();
            $wall = $solution->moment->scene->room->reflectance(Face::Far)->share->luminance() / People::MID_GREY;
            $told = ['Face' => Figure::FACE * $levels->face->ratio(), 'Wall behind' => $wall * $levels->backdrop->ratio()];
            $spots = SpotFinder::all(PictureView::of($solution, View::usual()));
            self::assertGreaterThanOrEqual(12, count($spots), $moment->name);
            foreach ($spots as $spot) {
                if (isset($told[$spot->name]) && ($spot->name === 'Face' || ! $moment->room->isOpenAbove())) {
                    $light = $spot->room * $levels->room->ratio() + $spot->flash * $flash;
                    self::assertEqualsWithDelta(log($told[$spot->name], 2), log($light, 2), 0.08, "$spot->name of $moment->name");
                    ++$seen;
                }
            }
        }
        self::assertGreaterThan(50, $seen);
    }

    public function testThePageGetsThePictureOfTheDraft(): void
    {
        $moment = Moment::query()->where('name', 'Couple at the loft window')->with(Moment::WHOLE)->firstOrFail();
        $document = ['roomKelvin' => 3000.0] + $moment->document();
        $told = PictureDocument::of(
            MomentSolver::solve(MomentReader::fromArray($document)),
            View::ofDegrees(5.0, 0.0, true),
            Voice::plain(),
        );
        $asked = $this->draftOf($moment, ['startsAt' => $moment->clock()] + array_intersect_key($document, ['head' => 0, 'onFace' => 0, 'roomKelvin' => 0]));
        $this->postJson("/moments/$moment->id/picture", ['view' => ['tilt' => 5, 'upright' => true]] + $asked)
            ->assertOk()->assertExactJson((array) json_decode(json_encode($told, JSON_THROW_ON_ERROR), true));
    }

    /** Of a moment whose room’s colour is said, and of one where its curve tells that. */
    public function testThePictureFollowsItsSettingsInOneAnswer(): void
    {
        foreach (['Vows', 'Couple at the loft window'] as $name) {
            $moment = Moment::query()->where('name', $name)->firstOrFail();
            $draft = ['view' => ['turn' => 5]] + $this->draftOf($moment);
            $lines = explode("\n", $this->postJson("/moments/$moment->id/pictured", $draft)->assertOk()->assertHeader('Content-Type', 'application/x-ndjson')->streamedContent());
            self::assertSame('', array_pop($lines));
            $told = array_map(static fn(string $line): mixed => json_decode($line, true), $lines);
            self::assertEquals([$this->postJson("/moments/$moment->id/solve", $draft)->json(), $this->postJson("/moments/$moment->id/picture", $draft)->json()], $told);
        }
    }

    public function testTheSkyShowsOverAYardByDayAndNotByNight(): void
    {
        foreach (['Guests arrive' => [0.5, 20.0], 'Sparklers on the quay' => [0.0, 0.2]] as $name => [$least, $most]) {
            $moment = Moment::query()->where('name', $name)->with(Moment::WHOLE)->firstOrFail();
            $shine = PictureView::of(MomentSolver::solve(MomentReader::fromArray($moment->document())), View::usual())->shineOf(Face::Ceiling);
            self::assertGreaterThanOrEqual($least, $shine, $name);
            self::assertLessThan($most, $shine, $name);
        }
    }

    public function testACameraThatCannotBeHeldSoIsRefusedByField(): void
    {
        $moment = Moment::query()->firstOrFail();
        foreach (['picture', 'pictured'] as $route) {
            $this->postJson("/moments/$moment->id/$route", ['view' => ['tilt' => 31]] + $this->draftOf($moment))->assertJsonValidationErrors('view.tilt');
            $this->postJson("/moments/$moment->id/$route", ['view' => 'askew'] + $this->draftOf($moment))->assertJsonValidationErrors('view');
        }
    }

    public function testEveryMomentKnowsThoseBeforeAndAfterIt(): void
    {
        $ids = array_map(static fn(Moment $m): int => $m->id, array_values(Moment::query()->firstOrFail()->night->moments()->get()->all()));
        foreach ([0, 1, count($ids) - 1] as $i) {
            $this->get("/moments/$ids[$i]")->assertInertia(static fn(AssertableInertia $page): AssertableInertia => $page
                ->where('bench.neighbours.place', $i + 1)
                ->where('bench.neighbours.all', count($ids))
                ->where('bench.neighbours.before', static fn(mixed $before): bool => data_get($before, 'id') === ($ids[$i - 1] ?? null))
                ->where('bench.neighbours.after', static fn(mixed $after): bool => data_get($after, 'id') === ($ids[$i + 1] ?? null))->etc());
        }
    }
}
