<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Exposure;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Exposure\UnknownLabel;
use Kaddle\Core\Quantity\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ScalesTest extends TestCase
{
    public function testALabelStandsForTheExactStep(): void
    {
        self::assertSame(1.0 / 64.0, Shutter::fromLabel('1/60', Step::Third)->seconds());
        self::assertEqualsWithDelta(2.0 ** 2.5, Aperture::fromLabel('f/5.6', Step::Third)->fNumber(), 1e-12);
        self::assertEqualsWithDelta(100.0 * 2.0 ** (1.0 / 3.0), Iso::fromLabel('125', Step::Third)->value(), 1e-9);
    }

    /** Customary labels are at most a tenth off the step that they stand for; a slip in a table is more. */
    #[DataProvider('steps')]
    public function testNoLabelStrays(Step $step): void
    {
        foreach (Shutter::scale($step) as $shutter) {
            $label = rtrim($shutter->label(), ' s');
            $printed = str_starts_with($label, '1/') ? 1.0 / (float) substr($label, 2) : (float) $label;
            self::assertEqualsWithDelta(1.0, $printed / $shutter->seconds(), 0.15, $shutter->label());
        }
        $lens = Aperture::scale($step, Aperture::fromLabel('f/1', $step), Aperture::fromLabel('f/32', $step));
        foreach ($lens as $aperture) {
            self::assertEqualsWithDelta(1.0, (float) substr($aperture->label(), 2) / $aperture->fNumber(), 0.05, $aperture->label());
        }
        foreach (Iso::scale($step, Iso::fromLabel('50', $step), Iso::highest($step)) as $iso) {
            self::assertEqualsWithDelta(1.0, (float) $iso->label() / $iso->value(), 0.05, $iso->label());
        }
    }

    #[DataProvider('steps')]
    public function testEveryLabelIsReadBackAsItsOwnStep(Step $step): void
    {
        foreach (Shutter::scale($step) as $shutter) {
            self::assertEquals($shutter, Shutter::fromLabel($shutter->label(), $step));
        }
        foreach (Iso::scale($step, Iso::fromLabel('50', $step), Iso::highest($step)) as $iso) {
            self::assertEquals($iso, Iso::fromLabel($iso->label(), $step));
        }
        foreach (Aperture::scale($step, Aperture::fromLabel('f/1', $step), Aperture::fromLabel('f/32', $step)) as $aperture) {
            self::assertEquals($aperture, Aperture::fromLabel($aperture->label(), $step));
        }
    }

    /** @return iterable<string, array{Step}> */
    public static function steps(): iterable
    {
        yield 'third stops' => [Step::Third];
        yield 'half stops' => [Step::Half];
    }

    public function testTheSameLabelIsAnotherStepOnAnotherBody(): void
    {
        self::assertSame(100, Shutter::fromLabel('1/10', Step::Third)->tv->thirtieths);
        self::assertSame(105, Shutter::fromLabel('1/10', Step::Half)->tv->thirtieths);
    }

    public function testALensKeepsItsEndsOnAHalfStopBody(): void
    {
        $scale = Aperture::scale(Step::Half, Aperture::fromLabel('f/1.8', Step::Third), Aperture::fromLabel('f/16', Step::Third));
        self::assertSame(['f/1.8', 'f/2', 'f/2.4'], array_map(static fn(Aperture $a): string => $a->label(), array_slice($scale, 0, 3)));
        self::assertSame('f/16', $scale[count($scale) - 1]->label());
    }

    #[DataProvider('strangeLabels')]
    public function testRefusesALabelThatNoCameraShows(string $label): void
    {
        $this->expectException(UnknownLabel::class);
        $this->expectExceptionMessage('is not a customary shutter time; write it as on a camera, for example 1/60');
        Shutter::fromLabel($label, Step::Third);
    }

    /** @return iterable<string, array{string}> */
    public static function strangeLabels(): iterable
    {
        yield 'between clicks' => ['1/61'];
        yield 'nothing' => [''];
        yield 'a script' => ['<script>'];
        yield 'very long' => [str_repeat('9', 5000)];
    }
}
