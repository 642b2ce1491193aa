<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Solve;

use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\ShortfallKind;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\ShortfallWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Controls that the photographer holds; the others follow. */
final class LocksTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    #[DataProvider('moments')]
    public function testHoldingWhatTheSolverProposedChangesNothing(array $changes): void
    {
        $free = MomentSolver::solve(Moments::with($changes));
        $settings = $free->best->choice->settings;
        $proposed = ['shutter' => $settings->shutter->label(), 'aperture' => $settings->aperture->label(), 'iso' => $settings->iso->label()];
        foreach ([['shutter'], ['aperture'], ['iso'], ['shutter', 'aperture'], ['aperture', 'iso'], ['shutter', 'iso'], ['shutter', 'aperture', 'iso']] as $held) {
            $locked = MomentSolver::solve(Moments::with($changes + ['look.locks' => array_intersect_key($proposed, array_flip($held))]));
            self::assertTrue($settings->equals($locked->best->choice->settings), implode(', ', $held));
            self::assertSame($free->best->output->label(), $locked->best->output->label());
            self::assertSame($free->best->light->aim, $locked->best->light->aim);
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function moments(): iterable
    {
        yield 'supper' => [[]];
        yield 'a dim room' => [['glow.ev' => 1]];
        yield 'a bright one' => [['glow.ev' => 10, 'look.roomUnder' => 1]];
        yield 'a half-stop body' => [['body.step' => 'half', 'body.sync' => '1/180']];
        yield 'a high dark ceiling' => [['room.height' => 7, 'room.finishes' => Moments::everywhere('dark-timber')]];
    }

    public function testWhatIsHeldStaysAndTheOthersFollow(): void
    {
        $solution = MomentSolver::solve(Moments::with(['look.locks' => ['shutter' => '1/160', 'iso' => '3200']]));
        $choice = $solution->best->choice;
        self::assertSame(['1/160', '3200'], [$choice->settings->shutter->label(), $choice->settings->iso->label()]);
        self::assertSame([Limit::Held, Limit::Held], [$choice->shutterBound, $choice->isoBound]);
        // EV 4 at 1.5 under is EV 5.5; 1/160 at ISO 3200 leaves log2(N²) = 5.5 − 7.33 + 5 = 3.17: f/3.2 within half a click.
        self::assertSame('f/3.2', $choice->settings->aperture->label());
        self::assertTrue($solution->isFeasible());
    }

    public function testHoldingTooMuchIsToldByStops(): void
    {
        $solution = MomentSolver::solve(Moments::with(['look.locks' => ['shutter' => '1/200', 'aperture' => 'f/8', 'iso' => '100']]));
        self::assertSame(ShortfallKind::RoomTooDark, $solution->shortfalls[0]->kind);
        // Tv 7.67 + Av 6 − Sv 0 = 13.67 against the wanted 5.5.
        self::assertEqualsWithDelta(8.17, $solution->shortfalls[0]->stops->value, 0.01);
        self::assertStringContainsString('with what you hold', ShortfallWords::of($solution->shortfalls[0]));
    }

    public function testAShutterHeldTooSlowShakes(): void
    {
        $solution = MomentSolver::solve(Moments::with(['look.locks' => ['shutter' => '1/8']]));
        self::assertSame(ShortfallKind::Shaky, $solution->shortfalls[0]->kind);
        self::assertStringContainsString('The shutter that you hold is', ShortfallWords::of($solution->shortfalls[0]));
    }

    #[DataProvider('impossible')]
    public function testRefusesWhatTheGearDoesNotHave(mixed $locks, string $field, string $sentence): void
    {
        try {
            MomentReader::fromArray(Moments::documentWith(['look.locks' => $locks]));
            self::fail('taken');
        } catch (FaultyDocument $e) {
            self::assertSame($field, $e->faults[0]->field);
            self::assertStringContainsString($sentence, $e->faults[0]->message);
        }
    }

    /** @return iterable<string, array{mixed, string, string}> */
    public static function impossible(): iterable
    {
        yield 'faster than sync' => [['shutter' => '1/500'], 'look.locks.shutter', 'a bar of the frame would stay dark'];
        yield 'wider than the lens' => [['aperture' => 'f/1.2'], 'look.locks.aperture', 'This lens has f/1.8 to f/16 here.'];
        yield 'narrower than the lens' => [['aperture' => 'f/22'], 'look.locks.aperture', 'This lens has'];
        yield 'below the lowest ISO' => [['iso' => '50'], 'look.locks.iso', 'The lowest ISO of this body is 100.'];
        yield 'no label' => [['shutter' => 'slow'], 'look.locks.shutter', 'shutter'];
        yield 'a list' => [['1/60'], 'look.locks', 'must be an object'];
        yield 'output, which follows' => [['output' => '1/4'], 'look.locks.output', 'is not a field here'];
    }
}
