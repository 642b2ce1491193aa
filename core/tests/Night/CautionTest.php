<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Night;

use Kaddle\Core\Night\Caution;
use Kaddle\Core\People\Movement;
use Kaddle\Core\People\Presence;
use Kaddle\Core\Power\EnergyStep;
use Kaddle\Core\Words\NightWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where something can hurt somebody, and only there, caution is told. */
final class CautionTest extends TestCase
{
    /**
     * @param list<Presence> $presence
     * @param list<Caution> $expected
     */
    #[DataProvider('moments')]
    public function testIsToldExactlyWhereItApplies(array $presence, Movement $movement, float $distance, float $rate, ?float $heat, array $expected): void
    {
        $energy = $heat === null ? null : new EnergyStep('Dance floor', 120.0, 15.0, 1.1, 1.2, 3.0, $heat, 0, 0.4);
        self::assertSame($expected, Caution::allFor($presence, $movement, $distance, $rate, $energy));
    }

    /** @return iterable<string, array{list<Presence>, Movement, float, float, float|null, list<Caution>}> */
    public static function moments(): iterable
    {
        yield 'a quiet table' => [[], Movement::Talk, 3.0, 2.0, 0.3, []];
        yield 'no flash planned' => [[], Movement::Still, 3.0, 0.0, null, []];
        yield 'a christening' => [[Presence::Baby], Movement::Still, 2.0, 2.0, 0.1, [Caution::Eyes]];
        yield 'a metre away is not near' => [[], Movement::Still, 1.0, 2.0, 0.1, []];
        yield 'nearer is' => [[], Movement::Still, 0.99, 2.0, 0.1, [Caution::Near]];
        yield 'twenty pops a minute are a row' => [[], Movement::Talk, 3.0, 20.0, 0.9, [Caution::Epilepsy]];
        yield 'fewer are not' => [[], Movement::Talk, 3.0, 19.9, 0.9, []];
        yield 'sparklers' => [[Presence::Flames], Movement::Still, 4.0, 5.0, 0.2, [Caution::Flames]];
        yield 'a horse at the door' => [[Presence::Animals], Movement::Still, 4.0, 5.0, 0.2, [Caution::Animals]];
        yield 'whoever dances moves the floor' => [[], Movement::Dance, 3.0, 6.0, 0.5, [Caution::Floor]];
        yield 'a crowded floor is told once' => [[Presence::Floor], Movement::Dance, 3.0, 6.0, 0.5, [Caution::Floor]];
        yield 'the aisle' => [[], Movement::Walk, 4.0, 6.0, 0.5, [Caution::Walking]];
        yield 'a head at its limit' => [[], Movement::Talk, 3.0, 6.0, 1.0, []];
        yield 'and over it' => [[], Movement::Talk, 3.0, 6.0, 1.01, [Caution::Hot]];
        yield 'everything at once, people first' => [
            Presence::cases(), Movement::Walk, 0.5, 30.0, 2.0,
            [Caution::Eyes, Caution::Near, Caution::Epilepsy, Caution::Flames, Caution::Animals, Caution::Floor, Caution::Walking, Caution::Hot],
        ];
    }

    public function testEachHasASentenceOfItsOwn(): void
    {
        $sentences = array_map(static fn(Caution $c): string => NightWords::caution($c, Voice::plain()), Caution::cases());
        self::assertCount(count(Caution::cases()), array_unique($sentences));
        foreach ($sentences as $sentence) {
            self::assertMatchesRegularExpression('/^[A-Z].+\.$/', $sentence);
        }
    }
}
