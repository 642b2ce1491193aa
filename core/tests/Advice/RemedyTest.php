<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Advice;

use Kaddle\Core\Advice\Remedy;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\ShortfallKind;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\RemedyWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What would help: the number in each sentence does what it promises when it is tried. */
final class RemedyTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    #[DataProvider('remedies')]
    public function testSaysWhatWouldHelp(array $changes, string $words): void
    {
        self::assertStringContainsString($words, implode("\n", self::sentences($changes)));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function remedies(): iterable
    {
        yield 'dark: let the room fall' => [['glow.ev' => -3, 'look.roomUnder' => 1, 'flash.guideNumber' => 6], 'Let the room fall to −4.0 stops'];
        yield 'dark: a stand' => [['glow.ev' => -3, 'look.roomUnder' => 1, 'flash.guideNumber' => 6], 'the shutter may then be 3 stops slower'];
        yield 'dark: ISO' => [['glow.ev' => -3, 'look.roomUnder' => 1, 'flash.guideNumber' => 6], 'Files at about ISO 51200'];
        yield 'dark, without flash' => [['glow.ev' => -1, 'look.roomUnder' => 0, 'look.withoutFlash' => true], 'faces too, and lift that afterwards'];
        yield 'bright: a filter' => [['glow.ev' => 16, 'look.roomUnder' => 1], 'A neutral density filter of 2 stops'];
        yield 'weak: another unit' => [['head' => 'up-back', 'flash.guideNumber' => 2], 'A unit of guide number '];
        yield 'weak: another way' => [['head' => 'up-back', 'flash.guideNumber' => 2], 'Pointing the head straight at the face gains'];
        yield 'weak: closer' => [['head' => 'direct', 'flash.guideNumber' => 2, 'subject.distance' => 12, 'room.finishes' => Moments::everywhere('open')], 'm away instead would be enough'];
        yield 'weak: as near as one stands' => [['head' => 'direct', 'flash.guideNumber' => 2, 'subject.distance' => 3, 'glow.ev' => 12, 'room.finishes' => Moments::everywhere('open')], 'Standing 1 m away instead gives '];
        yield 'nothing overhead' => [['head' => 'up-back', 'room.finishes' => Moments::everywhere('open')], 'does bring light to the face'];
        yield 'too strong: a slower shutter' => [['head' => 'direct', 'subject.distance' => 0.5, 'flash.lowestUnderFull' => 3], 'leaves the room as it is and takes the flash down'];
        yield 'too strong: as far as the wall' => [['head' => 'direct', 'subject.distance' => 0.5, 'flash.lowestUnderFull' => 3, 'camera.fromBackWall' => 1.5], 'Standing 1.5 m away instead, with a longer lens, takes '];
        yield 'too strong: as far as a lens reaches' => [['head' => 'direct', 'subject.distance' => 1, 'flash.lowestUnderFull' => 3, 'lens.focalLength' => 135], 'Standing 1.5 m away instead, with a longer lens, takes 0.9 stops from it.'];
        yield 'shaky: a shorter lens' => [['lens.focalLength' => 400], 'At 203 mm hands can hold sync speed'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('follies')]
    public function testNothingIsSaidThatNobodyWouldDo(array $changes, string $words): void
    {
        $all = self::sentences($changes);
        self::assertNotSame([], $all);
        self::assertStringNotContainsString($words, implode("\n", $all));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function follies(): iterable
    {
        yield 'a flash that is forbidden' => [['glow.ev' => -1, 'look.roomUnder' => 0, 'look.withoutFlash' => true], 'flash'];
        yield 'a flash that is forbidden, in the sun' => [['glow.ev' => 17, 'look.roomUnder' => 0, 'look.withoutFlash' => true, 'look.aperture' => 'f/1.8', 'look.locks' => ['aperture' => 'f/1.8']], 'fill'];
        yield 'files at ISO 200000' => [['glow.ev' => -5, 'look.roomUnder' => 1, 'flash.guideNumber' => 6], 'Files at'];
        yield 'a unit as strong as none' => [['head' => 'up-back', 'glow.ev' => 13, 'look.roomUnder' => 2], 'guide number'];
        yield 'nearer than one stands' => [['head' => 'direct', 'glow.ev' => 14, 'look.roomUnder' => 2, 'subject.distance' => 1.1, 'flash.guideNumber' => 4], 'Standing'];
        yield 'through a wall' => [['head' => 'direct', 'subject.distance' => 0.5, 'flash.lowestUnderFull' => 3, 'camera.fromBackWall' => 0.5], 'Standing'];
        yield 'with a lens that nobody has' => [['head' => 'direct', 'subject.distance' => 1, 'flash.lowestUnderFull' => 3, 'lens.focalLength' => 200], 'Standing'];
    }

    /**
     * What was missed first is missed no more; that much light for the room may make the flash too strong instead.
     *
     * @param array<string, mixed> $changes
     * @param array<string, mixed> $cure
     */
    #[DataProvider('cures')]
    public function testTheCureCures(array $changes, array $cure): void
    {
        $missed = self::misses($changes);
        self::assertNotSame([], $missed);
        self::assertNotContains($missed[0], self::misses([...$changes, ...$cure]));
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> */
    public static function cures(): iterable
    {
        yield 'let the room fall' => [['glow.ev' => -3, 'look.roomUnder' => 1, 'flash.guideNumber' => 6], ['look.roomUnder' => 4]];
        yield 'files at ISO 51200' => [['glow.ev' => -3, 'look.roomUnder' => 1, 'flash.guideNumber' => 6], ['body.usableIso' => '51200']];
        yield 'three stops of stabiliser for a stand' => [['glow.ev' => -3, 'look.roomUnder' => 1, 'flash.guideNumber' => 6], ['body.stabiliser' => 3]];
        yield 'a shorter lens' => [['lens.focalLength' => 400], ['lens.focalLength' => 203]];
        yield 'two stops of filter' => [['glow.ev' => 16, 'look.roomUnder' => 1], ['look.nd' => 2]];
        yield 'the longest time for less flash' => [['head' => 'direct', 'subject.distance' => 1, 'flash.lowestUnderFull' => 6], ['look.school' => 'long-time']];
        yield 'straight at the face' => [['head' => 'up-back', 'flash.guideNumber' => 2], ['head' => 'direct']];
        yield 'the guide number it names' => [['head' => 'up-back', 'flash.guideNumber' => 2], ['flash.guideNumber' => 4]];
    }

    public function testWhatHelpsTwiceIsSaidOnce(): void
    {
        $sentences = self::sentences(['glow.ev' => -1, 'look.roomUnder' => 0, 'look.withoutFlash' => true]);
        self::assertCount(2, self::misses(['glow.ev' => -1, 'look.roomUnder' => 0, 'look.withoutFlash' => true]));
        self::assertCount(1, (array) preg_grep('/^A lens that opens/', $sentences));
        self::assertCount(1, (array) preg_grep('/^Files at/', $sentences));
    }

    public function testMostStopsComeFirst(): void
    {
        $worths = array_map(
            static fn(Remedy $r): float => $r->worth->value,
            Remedy::allFor(MomentSolver::solve(Moments::with(['glow.ev' => -5, 'flash.guideNumber' => 2]))),
        );
        $sorted = $worths;
        rsort($sorted);
        self::assertSame($sorted, $worths);
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return list<string>
     */
    private static function sentences(array $changes): array
    {
        return array_map(static fn(Remedy $r): string => RemedyWords::of($r, Voice::plain()), Remedy::allFor(MomentSolver::solve(Moments::with($changes))));
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return list<ShortfallKind>
     */
    private static function misses(array $changes): array
    {
        return array_map(static fn(Shortfall $s): ShortfallKind => $s->kind, MomentSolver::solve(Moments::with($changes))->shortfalls);
    }
}
