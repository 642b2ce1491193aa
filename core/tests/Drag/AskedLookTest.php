<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Drag;

use Kaddle\Core\Document\AskedLookDocument;
use Kaddle\Core\Drag\Ask;
use Kaddle\Core\Drag\AskedLook;
use Kaddle\Core\Drag\AskKind;
use Kaddle\Core\Drag\AskPart;
use Kaddle\Core\Drag\AskTrial;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\AskWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Looks that are asked for, with rooms and gear by chance. */
final class AskedLookTest extends TestCase
{
    /** Every setting of the gear is tried: none misses less. What is called met misses nothing by more than a click. */
    #[DataProvider('wishes')]
    public function testNothingBetterIsFoundByTryingAll(int $seed): void
    {
        [$moment, $ask] = self::byChance($seed);
        $solution = MomentSolver::solve($moment);
        $look = AskedLook::of($solution, $ask);
        $trial = AskTrial::of($solution, $ask);
        $found = AskedLook::weighed($look->settings, $trial, $moment);
        $least = INF;
        [$apertures, $isos] = AskedLook::controls($moment);
        foreach (AskedLook::shutters($moment, $ask) as $shutter) {
            foreach ($apertures as $aperture) {
                foreach ($isos as $iso) {
                    $least = min($least, AskedLook::weighed(ExposureSettings::of($shutter, $aperture, $iso, $moment->look->aids), $trial, $moment));
                }
            }
        }
        self::assertTrue($found === $least || $found <= $least + 1e-9, "$found against $least");
        foreach ($trial->all($look->settings) as $part => $missed) {
            self::assertSame($missed > AskedLook::CLICK + 1e-9, isset($look->misses[$part]), $part);
        }
        $told = AskedLookDocument::of($look, $solution, Voice::plain());
        self::assertSame($look->isMet(), $told->misses === []);
        self::assertSame(!$look->isMet(), str_starts_with($told->sentence, 'Not to be had'));
    }

    /** @return iterable<string, array{int}> */
    public static function wishes(): iterable
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            yield "wish $seed" => [$seed];
        }
    }

    /** Of the forty some are met and some are not, of every kind of wish. */
    public function testChanceCoversBoth(): void
    {
        $met = [[], []];
        for ($seed = 1; $seed <= 40; ++$seed) {
            [$moment, $ask] = self::byChance($seed);
            $met[(int) AskedLook::of(MomentSolver::solve($moment), $ask)->isMet()][$ask->kind->value] = true;
        }
        self::assertGreaterThanOrEqual(3, count($met[0]));
        self::assertGreaterThanOrEqual(3, count($met[1]));
    }

    /** One head of 0.24 m at 1.2 m/s is a fifth of a second. */
    public function testATrailOneHeadLongIsAFifthOfASecondAtAWalk(): void
    {
        $solution = MomentSolver::solve(Moments::with([
            'people' => ['movement' => 'walk', 'clothing' => 'white', 'behind' => 'dark-hall'],
            'glow.ev' => 3,
            'subject.height' => 1.6,
            'body.stabiliser' => 2,
        ]));
        $look = AskedLook::of($solution, Ask::of(AskKind::TrailBehind, false));
        self::assertSame('1/5', $look->settings->shutter->label());
        self::assertSame([], $look->misses);
    }

    public function testWithoutALampNothingIsDrawn(): void
    {
        $look = AskedLook::of(MomentSolver::solve(Moments::with([])), Ask::of(AskKind::LampTrails, false));
        self::assertArrayHasKey('lamps', $look->misses);
        self::assertStringContainsString('put one in', AskWords::miss(AskPart::Lamps, $look->misses['lamps']));
    }

    public function testWhereNoFlashFiresALookOfFlashIsRefused(): void
    {
        $solution = MomentSolver::solve(Moments::with(['look.withoutFlash' => true, 'people' => ['movement' => 'walk']]));
        foreach ([AskKind::LampTrails, AskKind::TrailBehind, AskKind::GlowBehind] as $kind) {
            $told = AskedLookDocument::of(AskedLook::of($solution, Ask::of($kind, true)), $solution, Voice::plain());
            self::assertSame([false, true, 'off', true], [$told->isMet, $told->isRuledOut, $told->output, $told->withoutFlash], 'no pop is told where none may be');
            self::assertSame('Not to be had here.', $told->sentence);
            self::assertSame(['There is no flash here, and the look lives by it.'], array_column($told->misses, 'sentence'));
        }
    }

    /** @return array{Moment, Ask} */
    private static function byChance(int $seed): array
    {
        mt_srand($seed);
        $one = static fn(mixed ...$of): mixed => $of[mt_rand(0, count($of) - 1)];
        $between = static fn(float $from, float $to): float => round($from + ($to - $from) * mt_rand() / mt_getrandmax(), 2);
        $moment = MomentReader::fromArray(Moments::documentWith([
            'room.height' => $between(2.6, 6.0),
            'room.length' => $between(12.0, 25.0),
            'subject.distance' => $between(1.5, 6.0),
            'subject.height' => 1.6,
            'glow.ev' => $between(0.0, 7.0),
            'look.roomUnder' => $between(0.0, 3.0),
            'people' => [
                'movement' => $one('still', 'talk', 'walk', 'slow-dance', 'dance'),
                'clothing' => $one('white', 'mixed', 'dark'),
                'behind' => $one('guests', 'wall', 'dark-hall', 'band'),
                'shines' => $between(0.0, 60.0),
                'shinesEv' => $between(3.0, 10.0),
            ],
            'body' => [
                'step' => 'half', 'sync' => '1/180', 'baseIso' => '100', 'usableIso' => $one('1600', '3200', '6400'),
                'stabiliser' => $between(0.0, 5.0), 'crop' => $one(1, 1.5), 'strictness' => 1,
            ],
            'lens' => ['focalLength' => $one(24, 35, 85), 'widest' => 'f/2', 'narrowest' => 'f/16'],
            'flash.guideNumber' => $between(12.0, 40.0),
            'drag' => [
                'crowdSpeed' => $between(0.5, 2.0),
                'lamps' => $one([], [['across' => 1.0, 'up' => 1.0, 'away' => 9.0, 'ev' => $between(6.0, 14.0), 'size' => 60]]),
            ],
        ]));

        return [$moment, Ask::of(AskKind::cases()[mt_rand(0, 4)], (bool) mt_rand(0, 1), $between(5.0, 40.0), $between(0.5, 3.0))];
    }
}
