<?php

declare(strict_types=1);

namespace Tests\Feature\Bag;

use App\Models\Moment;
use App\Models\Piece;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Kaddle\Core\Exchange\DocumentKind;
use Kaddle\Core\Gear\PieceKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class BagTest extends TestCase
{
    private const LENS = ['name' => 'Old zoom', 'openings' => [['focalLength' => 28, 'widest' => 'f/3.5'], ['focalLength' => 105, 'widest' => 'f/5.6']], 'narrowest' => 'f/22'];

    public function testAnEmptyBagIsFilledWithPlainGearOnce(): void
    {
        $this->actingAs($user = $this->person())->get('/bag')->assertInertia(static fn(AssertableInertia $page) => $page->has('pieces', 0));
        $this->post('/bag/starter')->assertRedirect('/bag');
        $this->post('/bag/starter');
        self::assertSame(15, $user->pieces()->count());
        $this->get('/bag')->assertInertia(static fn(AssertableInertia $page) => $page
            ->component('bag/Index')
            ->where('pieces.5.figures', 'guide number 30–58 m, down to 1/128'));
    }

    #[DataProvider('kinds')]
    public function testEveryKindOffersItsFormWithPlainGearToStartFrom(PieceKind $kind): void
    {
        $this->actingAs($this->person())->get("/bag/new/{$kind->value}")->assertInertia(static fn(AssertableInertia $page) => $page
            ->component('bag/Piece')
            ->where('form.0.name', 'name')
            ->has('starters.0.name'));
    }

    /** @return iterable<string, array{PieceKind}> */
    public static function kinds(): iterable
    {
        foreach (PieceKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    public function testAPieceIsAddedChangedAndTakenBackAndForth(): void
    {
        $this->actingAs($user = $this->person())->post('/bag/new/lens', self::LENS)->assertRedirect('/bag')->assertSessionHasNoErrors();
        $lens = $user->pieces()->firstOrFail();
        $this->put("/pieces/{$lens->id}", ['narrowest' => 'f/16'] + self::LENS)->assertSessionHasNoErrors();
        self::assertSame('f/16', $lens->refresh()->data['narrowest']);
        $this->post("/pieces/{$lens->id}/undo");
        self::assertSame('f/22', $lens->refresh()->data['narrowest']);
        $this->post("/pieces/{$lens->id}/undo");
        self::assertSame('f/16', $lens->refresh()->data['narrowest'], 'a step back can be taken back');
        $this->post("/pieces/{$lens->id}/copy");
        $copy = $user->pieces()->latest('id')->firstOrFail();
        self::assertSame('Old zoom (copy)', $copy->name());
        self::assertNotSame($lens->uid, $copy->uid);
        $this->post("/pieces/{$copy->id}/undo")->assertSessionHasErrors('page');
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('badLenses')]
    public function testRefusesAPieceByFieldAndStoresNothing(array $changes, string $field, string $sentence): void
    {
        $this->actingAs($this->person())->post('/bag/new/lens', $changes + self::LENS)->assertSessionHasErrors($field);
        self::assertStringContainsString($sentence, $this->sentenceFor($field));
        self::assertSame(0, Piece::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badLenses(): iterable
    {
        yield 'no name' => [['name' => ''], 'name', 'must not be empty'];
        yield 'markup' => [['name' => '<b>x</b>'], 'name', 'plain text'];
        yield 'a name without end' => [['name' => str_repeat('x', 81)], 'name', 'at most 80'];
        yield 'no opening' => [['openings' => []], 'openings', 'list of 1 to 12'];
        yield 'a focal length as text' => [['openings' => [['focalLength' => 'wide', 'widest' => 'f/2.8']]], 'openings.0.focalLength', 'must be a number'];
        yield 'backwards' => [['openings' => array_reverse(self::LENS['openings'])], 'openings', 'from short to long'];
        yield 'inside out' => [['narrowest' => 'f/2'], 'narrowest', 'must be narrower'];
        yield 'no aperture' => [['narrowest' => 'dark'], 'narrowest', 'aperture'];
        yield 'an owner' => [['user_id' => 1], 'user_id', 'is not a field here'];
    }

    public function testArchivedGearStaysInOldNightsAndIsOfferedToNoNewOne(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user)->post("/pieces/{$moment->lens_id}/archive");
        $this->get("/moments/{$moment->id}")->assertInertia(static fn(AssertableInertia $page) => $page
            ->has('bench.lenses', 3)
            ->where('bench.lenses.0.gear.name', 'Fast 35 (archived)'));
        $this->post('/nights', ['name' => 'Next', 'place' => 'A hall', 'heldOn' => '2027-06-01']);
        self::assertSame('Standard zoom', Moment::query()->latest('id')->firstOrFail()->lens->name());
        $this->post("/pieces/{$moment->lens_id}/archive");
        self::assertNull($moment->lens->refresh()->archived_at, 'and is put back');
    }

    public function testANightNeedsGearThatIsNotArchived(): void
    {
        $this->actingAs($user = $this->person())->post('/bag/starter');
        $user->pieces()->where('kind', 'flash')->update(['archived_at' => now()]);
        $this->post('/nights', ['name' => 'Dark', 'place' => 'A hall', 'heldOn' => '2027-06-01'])->assertSessionHasErrors('page');
        self::assertSame(0, DB::table('nights')->count() + DB::table('venues')->count());
    }

    /** A change may not leave a planned moment that cannot be reckoned with. */
    public function testGearMayNotChangeUnderAMoment(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $dome = $user->pieces()->where('name', 'Bounce card')->firstOrFail();
        $moment->update(['modifier_id' => $dome->id, 'settings' => self::settingsOf($moment, ['head' => 'card']), 'name' => 'By the card']);
        $this->actingAs($user)->put("/pieces/{$dome->id}", ['name' => 'Now a dome', 'kind' => 'dome'])->assertSessionHasErrors('name');
        self::assertStringContainsString('“By the card” is planned with it', $this->sentenceFor('name'));
        self::assertSame('Bounce card', $dome->refresh()->name());
    }

    public function testABagHasAnEnd(): void
    {
        $this->actingAs($user = $this->person())->post('/bag/new/lens', self::LENS);
        $lens = $user->pieces()->firstOrFail();
        for ($i = 1; $i < DocumentKind::MOST_PIECES; ++$i) {
            $user->pieces()->save(new Piece(['kind' => PieceKind::Lens, 'data' => self::LENS]));
        }
        $this->post("/pieces/{$lens->id}/copy")->assertSessionHasErrors('page');
        $this->post('/bag/new/lens', self::LENS)->assertSessionHasErrors('page');
        self::assertSame(DocumentKind::MOST_PIECES, $user->pieces()->count());
    }

    #[DataProvider('routes')]
    public function testAnotherPersonsGearDoesNotExist(string $method, string $path): void
    {
        $piece = $this->momentOf($this->person())->flash;
        $this->actingAs($this->person('Stranger'))->call($method, str_replace('PIECE', (string) $piece->id, $path), $piece->data)->assertNotFound();
        self::assertEquals($piece->fresh()?->getAttributes(), $piece->getAttributes());
        self::assertSame(15, Piece::query()->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function routes(): iterable
    {
        yield 'see it' => ['GET', '/pieces/PIECE'];
        yield 'change it' => ['PUT', '/pieces/PIECE'];
        yield 'copy it' => ['POST', '/pieces/PIECE/copy'];
        yield 'archive it' => ['POST', '/pieces/PIECE/archive'];
        yield 'take back its change' => ['POST', '/pieces/PIECE/undo'];
        yield 'a kind that is none' => ['GET', '/bag/new/tripod'];
    }

    public function testCountsTheMomentsThatUseAPiece(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $orange = $this->piece($user, 'Half orange');
        $moment->update(['other_gel_id' => $orange->id]);
        self::assertSame(1, $orange->uses());
        $moment->update(['gel_id' => $orange->id]);
        self::assertSame(1, $orange->uses(), 'on both units of one moment');
        $this->actingAs($user)->get('/bag')->assertInertia(static fn(AssertableInertia $page) => $page
            ->where('pieces.0.uses', 1)
            ->where('pieces.1.uses', 0)
            ->where('pieces.12.uses', 1)
            ->where('pieces.14.uses', 0));
    }

    private function piece(User $user, string $name): Piece
    {
        return $user->pieces()->where('name', $name)->firstOrFail();
    }
}
