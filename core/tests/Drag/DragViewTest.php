<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Drag;

use Kaddle\Core\Document\BeatsDocument;
use Kaddle\Core\Document\DragDocument;
use Kaddle\Core\Drag\Cure;
use Kaddle\Core\Drag\CureKind;
use Kaddle\Core\Drag\CurtainReason;
use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Motion\GhostVerdict;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A moment's long exposure: what comes out, which curtain, what cleans it. */
final class DragViewTest extends TestCase
{
    /** Half a second of dancing in the middle of a lit hall. */
    private const DANCE = [
        'people' => ['movement' => 'dance', 'clothing' => 'white', 'behind' => 'dark-hall'],
        'glow.ev' => 3,
        'subject.height' => 1.6,
        'look' => ['roomUnder' => 2, 'aperture' => 'f/5.6', 'locks' => ['shutter' => '1/4']],
        'flash.metered' => true,
    ];

    /** @param array<string, mixed> $changes */
    #[DataProvider('choices')]
    public function testTheCurtainIsAdvisedWithItsReason(array $changes, Curtain $advised, CurtainReason $reason, Curtain $chosen): void
    {
        $choice = self::view($changes + self::DANCE)->curtains;
        self::assertSame([$advised, $reason, $chosen], [$choice->advised, $choice->reason, $choice->chosen]);
    }

    /** @return iterable<string, array{array<string, mixed>, Curtain, CurtainReason, Curtain}> */
    public static function choices(): iterable
    {
        [$first, $second] = Curtain::cases();
        yield 'a dance' => [[], $second, CurtainReason::TrailFollows, $second];
        yield 'the other is wanted' => [['drag' => ['curtain' => 'first']], $second, CurtainReason::TrailFollows, $first];
        yield 'still people' => [['drag' => ['movement' => 'still', 'speed' => 0]], $first, CurtainReason::NoDifference, $first];
        yield 'people who stroll by at 1/200' => [['drag' => ['movement' => 'walk', 'speed' => 1.4], 'look' => ['roomUnder' => 0, 'aperture' => 'f/5.6', 'locks' => ['shutter' => '1/200']], 'glow.ev' => 12], $first, CurtainReason::NoSide, $first];
        yield 'a unit without it' => [['flash.rearCurtain' => false], $first, CurtainReason::NotThere, $first];
        yield 'it is wanted and not there' => [['flash.rearCurtain' => false, 'drag' => ['curtain' => 'second']], $first, CurtainReason::NotThere, $first];
        yield 'from afar' => [['drag' => ['wireless' => true]], $first, CurtainReason::NotThere, $first];
        yield 'from afar, with a body that can' => [['drag' => ['wireless' => true], 'body.lacksSecondCurtain' => []], $second, CurtainReason::TrailFollows, $second];
        yield 'not with a preflash' => [['body.lacksSecondCurtain' => ['long-preflash']], $first, CurtainReason::NotThere, $first];
        yield 'a twist' => [['drag' => ['camera' => 'twist', 'angle' => 20]], $first, CurtainReason::Framed, $first];
        yield 'without flash' => [['look' => ['withoutFlash' => true] + self::DANCE['look']], $first, CurtainReason::NoFlash, $first];
        yield 'pulses' => [
            ['flash.highSpeed' => true, 'look' => ['roomUnder' => 1, 'aperture' => 'f/2', 'highSpeed' => true, 'locks' => ['shutter' => '1/1000']], 'glow.ev' => 9],
            $first, CurtainReason::Pulses, $first,
        ];
    }

    /** What a cure promises holds when it is set, within the click to which an output is rounded: clean then, and not two clicks before. */
    public function testACureCleansWithTheClicksItSays(): void
    {
        $hall = ['glow.ev' => 4, 'flash.guideNumber' => 60] + self::DANCE;
        $set = ['shutter' => '1/15', 'aperture' => 'f/5.6', 'iso' => '400'];
        $view = self::set($hall, $set);
        self::assertSame(GhostVerdict::Ghost, $view->ghost->verdict);
        $cures = Cure::allFor($view);
        $clicks = array_map(static fn(Cure $c): int => $c->clicks, $cures);
        $sorted = $clicks;
        sort($sorted);
        self::assertSame($sorted, $clicks, 'fewest first');
        $tried = 0;
        foreach ($cures as $cure) {
            $turned = static fn(int $clicks): ?array => match ($cure->kind) {
                CureKind::Shorter => ['shutter' => Shutter::of(ExactStops::fromThirtieths(120 + 10 * $clicks))->label()] + $set,
                CureKind::LessRoom => ['iso' => Iso::of(ExactStops::fromThirtieths(60 - 10 * $clicks))->label()] + $set,
                CureKind::Output => ['aperture' => Aperture::of(ExactStops::fromThirtieths(150 + 10 * $clicks))->label()] + $set,
                default => null,
            };
            [$enough, $less] = [$turned($cure->clicks), $turned($cure->clicks - 2)];
            if ($enough === null || $less === null) {
                continue;
            }
            ++$tried;
            self::assertSame(GhostVerdict::Clean, self::set($hall, $enough)->ghost->verdict, $cure->kind->value);
            self::assertNotSame(GhostVerdict::Clean, self::set($hall, $less)->ghost->verdict, $cure->kind->value);
        }
        self::assertGreaterThanOrEqual(2, $tried);
    }

    public function testACleanFigureWantsNoCure(): void
    {
        self::assertSame([], Cure::allFor(self::view(['drag' => ['speed' => 0]] + self::DANCE)));
    }

    public function testForASoftEdgeNobodyTurnsNineClicks(): void
    {
        $view = self::view(['drag' => ['speed' => 0.1], 'flash.guideNumber' => 60, 'look' => ['roomUnder' => 3] + self::DANCE['look']] + self::DANCE);
        self::assertSame(GhostVerdict::SoftEdge, $view->ghost->verdict);
        $clicks = array_map(static fn(Cure $c): int => $c->clicks, Cure::allFor($view));
        self::assertNotSame([], $clicks);
        self::assertLessThanOrEqual(6, max($clicks));
    }

    /** A hand that holds the shutter open gathers more of the room, and the ghost with it. */
    public function testATimeByHandCountsInPlaceOfTheShutters(): void
    {
        $set = self::view(self::DANCE);
        $held = self::view(['drag' => ['seconds' => 2.0]] + self::DANCE);
        self::assertEqualsWithDelta(8.0, $held->subject->room / $set->subject->room, 1e-6);
        self::assertEqualsWithDelta(8.0, $held->ghost->smear / $set->ghost->smear, 1e-6);
    }

    /** A camera that goes along with a dancer leaves hardly any smear, on either side of the pop. */
    public function testASweepAlongHoldsWhoGoesBy(): void
    {
        $still = self::document([])->curtains[1];
        $along = self::document(['drag' => ['camera' => 'sweep', 'angle' => rad2deg(atan(1.8 * 0.25 / 3.0))]])->curtains[1];
        self::assertLessThan(0.05 * $still->before->mm, $along->before->mm);
        self::assertLessThan($still->late->mm, $along->late->mm);
    }

    public function testAShutterOf8000WithPulsesIsNoDarkBar(): void
    {
        $solution = MomentSolver::solve(Moments::with([
            'glow.ev' => 12, 'body.fastest' => '1/8000', 'flash.highSpeed' => true, 'flash.guideNumber' => 60,
            'look' => ['roomUnder' => 1, 'aperture' => 'f/1.8', 'highSpeed' => true, 'locks' => ['shutter' => '1/8000']],
        ]));
        self::assertSame('1/8000', $solution->best->choice->settings->shutter->label());
        self::assertStringContainsString('pulses', DragDocument::of($solution, Voice::plain())->pop->sentence);
    }

    public function testTheExampleIsADragWithSecondCurtain(): void
    {
        $moment = MomentReader::fromJson((string) file_get_contents(__DIR__ . '/../../examples/first-dance-drag.json'));
        $drag = DragDocument::of(MomentSolver::solve($moment), Voice::plain());
        self::assertSame(Curtain::Second, $drag->curtain);
        self::assertSame(GhostVerdict::Ghost, $drag->ghost->verdict);
        self::assertCount(3, $drag->trails);
        self::assertStringContainsString('hold still until the second', $drag->advice);
        self::assertStringStartsWith('0.5 s, f/8, ', $drag->settings);
    }

    public function testCareIsToldWhereADragBringsItAbout(): void
    {
        $told = static fn(array $drag): string => implode(' ', self::document(['drag' => $drag])->cautions);
        self::assertSame('', $told([]));
        self::assertStringContainsString('photosensitive', $told(['beats' => 120]));
        self::assertStringContainsString('no stand', $told(['tripod' => true]));
        self::assertStringContainsString('walk backwards', $told(['movement' => 'procession']));
    }

    public function testBeatsAtFullPowerAreLostAndMakeTheHeadHot(): void
    {
        $beats = static fn(float $recycle): ?BeatsDocument => self::document(['drag' => ['beats' => 120], 'flash.recycle' => $recycle, 'flash.guideNumber' => 12])->beats;
        self::assertStringContainsString('the head is hot', $beats(2.4)->sentence ?? '');
        self::assertGreaterThan(2, $beats(30.0)?->every);
        self::assertStringNotContainsString('hot', $beats(30.0)->sentence ?? 'hot');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function sentences(): iterable
    {
        yield 'all by the room' => [['look' => ['withoutFlash' => true] + self::DANCE['look']], 'nothing freezes them'];
        yield 'nobody moves' => [['drag' => ['speed' => 0]], 'Nobody moves far enough'];
        yield 'eaten' => [['people' => ['movement' => 'dance', 'clothing' => 'dark', 'behind' => 'window', 'shines' => 60, 'shinesEv' => 5]], 'burns into their edge'];
        yield 'a soft edge' => [['drag' => ['speed' => 0.1]], 'softens their edge'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('sentences')]
    public function testTheGhostIsToldInASentence(array $changes, string $part): void
    {
        self::assertStringContainsString($part, self::document($changes)->ghost->sentence);
    }

    public function testFocusWithoutLookingNamesWhatToSet(): void
    {
        $zone = self::document(['drag' => ['zoneFrom' => 1.0, 'zoneTo' => 3.0]])->zone;
        self::assertSame([1.5, 'f/14'], [$zone->set, $zone->aperture]);
        self::assertStringContainsString('set 1.5 m and f/14', $zone->sentence);
        self::assertStringContainsString('the ring 12 % of its way', $zone->sentence, '(0.4 − 0.035)/(3 − 0.035)');
        self::assertStringContainsString('at no aperture', self::document(['drag' => ['zoneFrom' => 0.5, 'zoneTo' => 30.0]])->zone->sentence);
    }

    public function testACrowdWashesAwayWithTime(): void
    {
        $crowd = static fn(float $seconds): string => self::document(['drag' => ['crowdSpeed' => 1.2, 'seconds' => $seconds]])->crowd->sentence ?? '';
        self::assertStringContainsString('washed away', $crowd(4.0));
        self::assertStringContainsString('streaks', $crowd(1.2));
        self::assertStringContainsString('still people', $crowd(0.2));
    }

    /** @param array<string, mixed> $changes */
    private static function document(array $changes): DragDocument
    {
        return DragDocument::of(MomentSolver::solve(Moments::with($changes + self::DANCE)), Voice::plain());
    }

    /**
     * @param array<string, mixed> $changes
     * @param array<string, string> $settings
     */
    private static function set(array $changes, array $settings): DragView
    {
        return self::view(['look' => ['roomUnder' => 2, 'aperture' => 'f/5.6', 'school' => 'free-hand', 'locks' => $settings]] + $changes);
    }

    /** @param array<string, mixed> $changes */
    private static function view(array $changes): DragView
    {
        return DragView::of(MomentSolver::solve(Moments::with($changes)));
    }
}
