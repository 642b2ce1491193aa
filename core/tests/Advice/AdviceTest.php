<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Advice;

use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\Outfit;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\FaceBalance;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\AimWords;
use Kaddle\Core\Words\Reason;
use Kaddle\Core\Words\ReasonWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is said: about the ways to point the head, and why a setting is as it is. */
final class AdviceTest extends TestCase
{
    /** By hand: 1 − 2^−1 = 2^−1; 1 − 2^−2 = 2^−0.415; a room that gives three quarters leaves a quarter. */
    #[DataProvider('balances')]
    public function testTheFlashFillsWhatTheRoomLeaves(float $room, float $flash, bool $fill): void
    {
        self::assertEqualsWithDelta($flash, FaceBalance::flashBeside(Stops::of($room), Stops::of(-2.0))->value, 0.001);
        self::assertSame($fill, FaceBalance::isFill(Stops::of($room), Stops::of(-2.0)));
    }

    /** @return iterable<string, array{float, float, bool}> */
    public static function balances(): iterable
    {
        yield 'no room light at all' => [-INF, 0.0, false];
        yield 'two under' => [-2.0, -0.415, false];
        yield 'one under' => [-1.0, -1.0, false];
        yield 'as metered' => [0.0, -2.0, true];
        yield 'one over' => [1.0, -2.0, true];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('verdicts')]
    public function testSaysWhatSpeaksForAndAgainst(array $changes, HeadAim $aim, string $words): void
    {
        self::assertStringContainsString($words, AimWords::of(Moments::candidate(self::solve($changes), $aim)));
    }

    /** @return iterable<string, array{array<string, mixed>, HeadAim, string}> */
    public static function verdicts(): iterable
    {
        yield 'bare light is hard' => [[], HeadAim::Direct, 'hard and flat'];
        yield 'a side wall shapes' => [[], HeadAim::Left, 'shaped from the left by'];
        yield 'and so does the other' => [[], HeadAim::Right, 'shaped from the right by'];
        yield 'the ceiling does not' => [[], HeadAim::Up, 'even from left and right'];
        yield 'a ceiling close above darkens the eyes' => [['subject.distance' => 0.6, 'room.height' => 4, 'room.finishes' => ['ceiling' => 'white-plaster'] + Moments::everywhere('black-drape')], HeadAim::Up, 'eye sockets'];
        yield 'oak warms' => [['room.finishes' => Moments::everywhere('pale-oak')], HeadAim::Up, 'mired warmer'];
        yield 'a wall beside a black one' => [['room.width' => 2.5, 'room.height' => 12, 'room.finishes' => ['left' => 'limewash'] + Moments::everywhere('open')], HeadAim::Left, 'lit from the left alone'];
        yield 'the sky sends nothing' => [['room.finishes' => Moments::everywhere('open')], HeadAim::UpBack, 'nothing there sends light back; no light gets to the face.'];
        yield 'a small flash lacks stops' => [['flash.guideNumber' => 2], HeadAim::UpBack, 'Lacks '];
        yield 'the rim of a wide beam' => [['room.finishes' => Moments::everywhere('dark-timber'), 'room.height' => 9, 'flash.coverage' => 130], HeadAim::UpForward, 'straight from the rim of the beam'];
        yield 'which is a gamble' => [['room.finishes' => Moments::everywhere('dark-timber'), 'room.height' => 9, 'flash.coverage' => 130], HeadAim::UpForward, 'A gamble: a few degrees'];
        yield 'nothing overhead' => [['room.finishes' => Moments::everywhere('open')], HeadAim::Up, 'The ceiling is open, nothing there sends light back'];
        yield 'a black ceiling' => [['room.finishes.ceiling' => 'black-drape'], HeadAim::Up, 'The ceiling is nearly black'];
        yield 'a yard floor' => [['room.finishes' => ['floor' => 'concrete'] + Moments::everywhere('open'), 'room.width' => 30, 'head' => 'by-hand', 'pointing' => ['turn' => 90, 'tilt' => -15]], HeadAim::ByHand, '100 % comes by the floor, from below'];
        yield 'a near backdrop drowns' => [['room.length' => 8.6, 'look.roomUnder' => 4, 'head' => 'direct'], HeadAim::Direct, 'drowns the glow of the backdrop'];
    }

    public function testRanksByTroubleAndKeepsEveryWay(): void
    {
        $solution = self::solve([]);
        self::assertCount(count(HeadAim::with(Outfit::bare())), $solution->candidates);
        $troubles = array_map(static fn(Candidate $c): float => $c->trouble(), $solution->candidates);
        for ($i = 1; $i < count($troubles); ++$i) {
            self::assertGreaterThan($troubles[$i - 1] - 0.25, $troubles[$i]);
        }
        self::assertSame($solution->best, $solution->candidates[0]);
    }

    public function testMirrorImagesDoNotFlipToAndFro(): void
    {
        foreach ([2.0, 2.5, 3.0, 4.0, 5.0] as $distance) {
            $aim = self::solve(['subject.distance' => $distance])->best->light->aim;
            self::assertNotContains($aim, [HeadAim::Right, HeadAim::BackRight], "at $distance m");
        }
    }

    /** The room is symmetrical, so left and right are each other's mirror image. */
    public function testASymmetricalRoomGivesMirroredWays(): void
    {
        $solution = self::solve([]);
        $left = Moments::candidate($solution, HeadAim::Left);
        $right = Moments::candidate($solution, HeadAim::Right);
        self::assertEqualsWithDelta($left->wantedOutput, $right->wantedOutput, 0.05);
        self::assertEqualsWithDelta($left->light->leftOverRight()->value, -$right->light->leftOverRight()->value, 0.1);
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('reasons')]
    public function testSaysWhyWithNumbers(array $changes, string $about, string $words): void
    {
        $sentences = [];
        foreach (ReasonWords::of(self::solve($changes), Voice::plain()) as $reason) {
            $sentences[$reason->about] = $reason->sentence;
        }
        self::assertArrayHasKey($about, $sentences);
        self::assertStringContainsString($words, $sentences[$about]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function reasons(): iterable
    {
        yield 'the room' => [[], 'room', 'The room glows at EV 4 (40 lx). To read 1.5 stops under, the camera is set as if it were EV 5.5.'];
        yield 'as metered' => [['look.roomUnder' => 0], 'room', 'To read as metered, the camera is set as if it were EV 4.'];
        yield 'over' => [['look.roomUnder' => -1], 'room', 'To read 1 stop over'];
        yield 'hands' => [[], 'shutter', 'At 35 mm you can hold 1/35 s. The slowest step within that, 1/40,'];
        yield 'crop and rule' => [['body.crop' => 1.5, 'body.strictness' => 2], 'shutter', 'you can hold 1/105 s'];
        yield 'sync' => [['lens.focalLength' => 400], 'shutter', 'above 1/200 a bar stays dark'];
        yield 'quarter' => [['flash.guideNumber' => 9, 'head' => 'up'], 'shutter', 'more than a quarter of the flash'];
        yield 'aperture kept' => [[], 'aperture', 'f/4 is the aperture you like'];
        yield 'aperture opened' => [['glow.ev' => 1], 'aperture', 'instead of f/4: the ISO cannot go higher'];
        yield 'aperture closed' => [['glow.ev' => 13], 'aperture', 'instead of f/4: the ISO cannot go lower'];
        yield 'wide open' => [['glow.ev' => -4], 'aperture', 'the lens has to open all the way'];
        yield 'highest ISO' => [['glow.ev' => -4, 'flash.guideNumber' => 4], 'iso', 'ISO 6400 is the highest that you would deliver'];
        yield 'lowest ISO' => [['glow.ev' => 10], 'iso', 'ISO 100 is the lowest of this body'];
        yield 'head chosen' => [['head' => 'up'], 'head', 'Straight up is your choice'];
        yield 'head weighed' => [[], 'head', 'has least against it'];
        yield 'fill' => [['look.roomUnder' => 0, 'glow.ev' => 7], 'output', 'the flash is fill at −2.0 stops'];
        yield 'balance' => [[], 'output', 'The room gives the face −1.7 stops, which leaves −0.5 for the flash'];
        yield 'doubt bounced' => [['head' => 'up'], 'doubt', '±0.5 stops on the face: ±0.35 for what a room like this has'];
        yield 'doubt direct' => [['head' => 'direct'], 'doubt', '±0.3 stops on the face: ±0.2 for the unit'];
    }

    public function testEveryReasonIsASentenceOfItsOwn(): void
    {
        $reasons = ReasonWords::of(self::solve([]), Voice::plain());
        self::assertSame(
            ['room', 'school', 'shutter', 'aperture', 'iso', 'movement', 'head', 'output', 'backdrop', 'eyes', 'one-more', 'doubt'],
            array_map(static fn(Reason $r): string => $r->about, $reasons),
        );
        foreach ($reasons as $reason) {
            self::assertStringEndsWith('.', $reason->sentence);
        }
    }

    /** @param array<string, mixed> $changes */
    private static function solve(array $changes): Solution
    {
        return MomentSolver::solve(Moments::with($changes));
    }
}
