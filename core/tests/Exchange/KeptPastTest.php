<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Exchange;

use Kaddle\Core\Exchange\ChangedNight;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Exchange\KeptPast;
use Kaddle\Core\Exchange\NightBars;
use Kaddle\Core\Exchange\ReadDocument;
use Kaddle\Core\Form\ChangeForm;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use PHPUnit\Framework\TestCase;

/** What comes before a change of a night stays as it stood. */
final class KeptPastTest extends TestCase
{
    public function testWhatComesBeforeStaysAndTheRestIsSolvedAnew(): void
    {
        $before = self::example();
        $score = self::score($before);
        $after = self::after($before, ['what' => 'dimmed', 'stops' => -2, 'from' => '21:00']);
        $anew = self::score($after);
        self::assertSame([true, true, false], array_map(static fn(ScoredBar $b): bool => $b->isHeld(), $anew->bars));
        foreach ([0, 1] as $i) {
            self::assertTrue($anew->bars[$i]->stand()->equals($score->bars[$i]->stand()));
        }
        self::assertFalse($anew->bars[2]->stand()->equals($score->bars[2]->stand()));
        self::assertFalse($after->document->records('moments')[1]->has('stands'));
    }

    public function testAChangeFromTheBeginningHasNoPast(): void
    {
        $after = self::after(self::example(), ['what' => 'no-flash']);
        self::assertSame([false, false], self::held($after));
    }

    /** A moment that begins earlier than it did has its past before that, and one that begins later before its old time. */
    public function testThePastOfAMomentThatIsMovedEndsWhereItWasOrIs(): void
    {
        $before = self::example();
        self::assertSame([true, false], self::held(self::after($before, ['what' => 'late', 'minutes' => 40, 'from' => '21:00'])));
        self::assertSame([false, false], self::held(self::after($before, ['what' => 'late', 'minutes' => -120, 'from' => '21:00'])));
    }

    /** The room that is changed is that of the dance alone; what was held in it is free again. */
    public function testAChangeOfARoomBeginsWithTheFirstMomentInIt(): void
    {
        $before = self::example();
        $moments = $before->document->records('moments');
        $room = $moments[0]->text('room');
        self::assertNotSame([true, true], self::held(self::after($before, ['what' => 'ceiling', 'room' => $room, 'finish' => 'oak-boards'])));
        $held = DocumentReader::fromJson(json_encode(KeptPast::of($before, $before, self::score($before)), JSON_THROW_ON_ERROR));
        self::assertSame([true, true], self::held($held), 'nothing is changed, so all of it is past');
        $changed = ChangedNight::of($held, ChangeForm::shape()->whole(['what' => 'ceiling', 'room' => $room, 'finish' => 'oak-boards']));
        self::assertFalse(DocumentReader::fromJson(json_encode($changed, JSON_THROW_ON_ERROR))->document->records('moments')[0]->has('stands'));
    }

    /** @param array<string, mixed> $change */
    private static function after(ReadDocument $before, array $change): ReadDocument
    {
        $changed = DocumentReader::fromJson(json_encode(ChangedNight::of($before, ChangeForm::shape()->whole($change)), JSON_THROW_ON_ERROR));

        return DocumentReader::fromJson(json_encode(KeptPast::of($changed, $before, self::score($before)), JSON_THROW_ON_ERROR));
    }

    /** @return list<bool> whether everything of a moment is to stay, in the order of the document */
    private static function held(ReadDocument $night): array
    {
        return array_map(static fn($moment): bool => $moment->has('stands'), $night->document->records('moments'));
    }

    private static function score(ReadDocument $night): Score
    {
        return NightSolver::solve(NightBars::of($night), Favour::FewestTurns);
    }

    private static function example(): ReadDocument
    {
        return DocumentReader::fromJson((string) file_get_contents(__DIR__ . '/../../examples/night.json'));
    }
}
