<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Intake;

use Kaddle\Core\Intake\Leaves;
use PHPUnit\Framework\TestCase;

/** What a change touches, and how it is taken back. */
final class LeavesTest extends TestCase
{
    private const BEFORE = ['look' => ['room' => 1.0, 'locks' => ['iso' => '800']], 'lamps' => [['at' => 1], ['at' => 2]]];

    public function testADifferenceMakesTheOneOfTheOther(): void
    {
        $others = [
            [],
            self::BEFORE,
            ['look' => ['room' => 2.0]],
            ['look' => ['room' => 1.0, 'locks' => ['iso' => '800']], 'lamps' => []],
            ['lamps' => [['at' => 2]], 'drag' => ['lamps' => [['at' => 3, 'inside' => [1, 2]]], 'seconds' => 2.0]],
        ];
        foreach ($others as $from) {
            foreach ($others as $to) {
                self::assertEquals($to, Leaves::put($from, Leaves::difference($from, $to)));
            }
        }
    }

    public function testAListIsOneValue(): void
    {
        self::assertSame(['lamps' => [['at' => 2]]], Leaves::difference(self::BEFORE, ['lamps' => [['at' => 2]]] + self::BEFORE));
    }
}
