<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Advice;

use Kaddle\Core\Advice\Gain;
use Kaddle\Core\Advice\OneMoreStop;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The costs are those of docs/physics.md, “One more stop”: at each end of a control the next cheapest takes over. */
final class OneMoreStopTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    #[DataProvider('moments')]
    public function testTheCheapestThatThereIs(array $changes, string $room, string $flash): void
    {
        $stop = OneMoreStop::of(MomentSolver::solve(Moments::with($changes)));
        self::assertSame([$room, $flash], [self::told($stop->room), self::told($stop->flash)]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function moments(): iterable
    {
        yield 'ISO may rise' => [[], 'Iso 1.0 to 4.67', 'Output 0.5 to -3.00'];
        yield 'ISO may rise to just what is usable' => [self::held('1/60', 'f/4', '3200'), 'Iso 1.0 to 6.00', 'Output 0.5 to -4.33'];
        yield 'ISO is at its end' => [self::held('1/60', 'f/4', '6400'), 'Aperture 1.5 to 3.00', 'Output 0.5 to -6.00'];
        yield 'the aperture opens just as far as the lens' => [self::held('1/40', 'f/2.5', '6400'), 'Aperture 1.5 to 1.67', 'Output 0.5 to -6.00'];
        yield 'a group goes soft' => [['people.depth' => 3, ...self::held('1/40', 'f/3.5', '6400')], 'Aperture 4.0 to 2.67', 'Output 0.5 to -6.00'];
        yield 'hands hold a stop more' => [self::held('1/80', 'f/4', '6400'), 'Shutter 0.8 to 5.33', 'Output 0.5 to -6.00'];
        yield 'hands hold just that' => [['lens.focalLength' => 32, ...self::held('1/60', 'f/4', '6400')], 'Shutter 0.8 to 5.00', 'Output 0.5 to -6.00'];
        yield 'output would pass a quarter, ISO costs less' => [['head' => 'direct', 'flash.guideNumber' => 4], 'Shutter 0.8 to 5.33', 'Iso 1.0 to 5.67'];
        yield 'output passes a quarter, there is nothing else' => [['flash.guideNumber' => 2, ...self::far()], 'none', 'Output 1.8 to -1.00'];
        yield 'output comes to just a quarter' => [['flash.guideNumber' => 3, ...self::far()], 'none', 'Output 0.5 to -2.00'];
        yield 'output comes to just full' => [['head' => 'left', 'flash.guideNumber' => 3.6, ...self::dark()], 'none', 'Output 1.8 to 0.00'];
        yield 'output is at its end, straight at the face costs some trouble more' => [['head' => 'back-left', 'flash.guideNumber' => 3, ...self::dark()], 'none', 'Aim 0.8 to direct'];
        yield 'another way must bring a whole stop' => [['head' => 'back-left', 'flash.guideNumber' => 5, ...self::dark()], 'none', 'Output 1.8 to -0.33'];
        yield 'a way with less trouble costs its turn alone' => [['head' => 'left', 'flash.guideNumber' => 2, ...self::dark()], 'none', 'Aim 0.6 to direct'];
        yield 'direct light at its end comes nearer by √2' => [
            ['head' => 'direct', 'flash.guideNumber' => 2, 'subject.distance' => 12, 'body.usableIso' => '1600', 'room.finishes' => Moments::everywhere('open'), ...self::held('1/40', 'f/1.8', '1600')],
            'none',
            'Nearer 2.5 to 8.49 m',
        ];
    }

    /** @return array<string, mixed> shutter, aperture and ISO at their ends in a dark room */
    private static function dark(): array
    {
        return ['glow.ev' => -1, 'subject.distance' => 6, ...self::held('1/40', 'f/1.8', '6400')];
    }

    /** @return array<string, mixed> */
    private static function held(string $shutter, string $aperture, string $iso): array
    {
        return ['look.school' => 'free-hand', 'look.locks' => ['shutter' => $shutter, 'aperture' => $aperture, 'iso' => $iso]];
    }

    /** @return array<string, mixed> straight at somebody far away, with shutter, aperture and ISO at their ends */
    private static function far(): array
    {
        return ['head' => 'direct', 'subject.distance' => 12, ...self::held('1/40', 'f/1.8', '6400')];
    }

    private static function told(?Gain $gain): string
    {
        return $gain === null ? 'none' : sprintf('%s %.1f to %s', $gain->kind->name, $gain->cost, match (true) {
            $gain->setting !== null => sprintf('%.2f', $gain->setting->value()),
            $gain->distance !== null => sprintf('%.2f m', $gain->distance->metres),
            default => $gain->aim->value ?? '',
        });
    }
}
