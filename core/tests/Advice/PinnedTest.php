<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Advice;

use Kaddle\Core\Advice\Pinned;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\TurnWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Settings side by side: the same after they were stored, and told apart by what the fingers turn. */
final class PinnedTest extends TestCase
{
    /** 1/60, f/4, ISO 1600, 1/16, head up. */
    private const NOW = ['tv' => 180, 'av' => 120, 'sv' => 120, 'output' => -120, 'head' => 'Up', 'face' => 0.02, 'backdrop' => -1.5];

    /** @param array<string, mixed> $changes */
    #[DataProvider('moments')]
    public function testIsTheSameAfterItWasStored(array $changes): void
    {
        $pinned = Pinned::of(MomentSolver::solve(Moments::with($changes)));
        $again = Pinned::fromStored($pinned->toStore());
        self::assertEquals($pinned, $again);
        self::assertSame('nothing to turn', TurnWords::of($again, $pinned, Step::Third, Step::Third));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function moments(): iterable
    {
        yield 'supper' => [[]];
        yield 'halves of a stop' => [['body.step' => 'half', 'body.sync' => '1/180']];
        yield 'one that cannot be had' => [['glow.ev' => -3]];
    }

    /** @param array{tv?: int, av?: int, sv?: int, output?: int, head?: string} $pin */
    #[DataProvider('differences')]
    public function testTellsWhatToTurn(array $pin, string $turns, Step $camera = Step::Third, Step $unit = Step::Third): void
    {
        self::assertSame($turns, TurnWords::of(Pinned::fromStored($pin + self::NOW), Pinned::fromStored(self::NOW), $camera, $unit));
    }

    /** @return iterable<string, array{0: array{tv?: int, av?: int, sv?: int, output?: int, head?: string}, 1: string, 2?: Step, 3?: Step}> */
    public static function differences(): iterable
    {
        yield 'a longer time and less flash' => [['tv' => 160, 'output' => -130], 'shutter 2 slower, output 1 down'];
        yield 'a shorter time, more ISO' => [['tv' => 190, 'sv' => 150], 'shutter 1 faster, ISO 3 up'];
        yield 'the lens' => [['av' => 90], 'aperture 3 open'];
        yield 'the other way' => [['av' => 150, 'sv' => 110], 'aperture 3 closed, ISO 1 down'];
        yield 'the head alone' => [['head' => 'Left wall'], 'head: left wall'];
        yield 'a unit in whole stops' => [['output' => -60], 'output 2 up', Step::Third, Step::Whole];
        yield 'a body in halves, from one in thirds: the nearer click' => [['tv' => 150], 'shutter 2 slower', Step::Half];
        yield 'less than half a click is none' => [['output' => -125], 'nothing to turn', Step::Third, Step::Half];
    }
}
