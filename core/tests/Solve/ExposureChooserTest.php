<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Solve;

use Kaddle\Core\Solve\ExposureChoice;
use Kaddle\Core\Solve\ExposureChooser;
use Kaddle\Core\Solve\FaceBalance;
use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The room first: which click each control takes, and which limit is told for it. */
final class ExposureChooserTest extends TestCase
{
    /** lx·s on the face with which the flash has an easy time at supper. */
    private const PLENTY = 10.0;

    /**
     * @param array<string, mixed> $changes
     * @param array{string, string, string} $labels shutter, aperture, ISO
     * @param array{Limit, Limit, Limit} $bounds
     */
    #[DataProvider('rooms')]
    public function testSetsTheRoomAndNamesTheLimit(array $changes, float $light, array $labels, array $bounds): void
    {
        $choice = self::choose($changes, $light);
        $settings = $choice->settings;
        self::assertSame($labels, [$settings->shutter->label(), $settings->aperture->label(), $settings->iso->label()]);
        self::assertSame($bounds, [$choice->shutterBound, $choice->apertureBound, $choice->isoBound]);
    }

    /** @return iterable<string, array{array<string, mixed>, float, array{string, string, string}, array{Limit, Limit, Limit}}> */
    public static function rooms(): iterable
    {
        yield 'supper: everything as liked' => [
            ['look.roomUnder' => 1], self::PLENTY, ['1/40', 'f/4', '2000'],
            [Limit::HandHeld, Limit::WorkingAperture, Limit::RoomLevel],
        ];
        // EV 1 at 1.5 under is EV 2.5; 1/40 at ISO 6400 leaves log2(N²) = 2.5 − 5.33 + 6 = 3.17, f/2.8 to f/3.2.
        yield 'dim: the lens opens because the ISO may not rise' => [
            ['glow.ev' => 1, 'look.roomUnder' => 1.5], self::PLENTY, ['1/40', 'f/3.2', '6400'],
            [Limit::HandHeld, Limit::UsableIso, Limit::UsableIso],
        ];
        // EV −1 at 1 under is EV 0; 1/40 at ISO 6400 leaves log2(N²) = −5.33 + 6 = 0.67: past f/1.8.
        yield 'dark: wide open, highest ISO, still short' => [
            ['glow.ev' => -1, 'look.roomUnder' => 1], self::PLENTY, ['1/40', 'f/1.8', '6400'],
            [Limit::HandHeld, Limit::WidestAperture, Limit::UsableIso],
        ];
        // EV 10 at 1 under is EV 11; f/4 at ISO 100 needs 2^−7 s, 1/125.
        yield 'bright: the shutter gets faster to keep the aperture, for the ISO may not fall' => [
            ['glow.ev' => 10, 'look.roomUnder' => 1], 400.0, ['1/125', 'f/4', '100'],
            [Limit::BaseIso, Limit::WorkingAperture, Limit::BaseIso],
        ];
        // EV 14 at 1 under is EV 15; at 1/200 and ISO 100 that is log2(N²) = 7.33, f/13.
        yield 'brighter: at sync speed the lens has to close' => [
            ['glow.ev' => 14, 'look.roomUnder' => 1], 8000.0, ['1/200', 'f/13', '100'],
            [Limit::Sync, Limit::BaseIso, Limit::BaseIso],
        ];
        // P = −1 + log2(2.5/40) + 11 − Tv stays above −2 up to sync, where ISO 160 fits f/4.
        yield 'bright with a modest flash: sync speed spares it most' => [
            ['glow.ev' => 10, 'look.roomUnder' => 1], self::PLENTY, ['1/200', 'f/4', '160'],
            [Limit::Sync, Limit::WorkingAperture, Limit::RoomLevel],
        ];
        yield 'noon: past sync, closed down, lowest ISO' => [
            ['glow.ev' => 16, 'look.roomUnder' => 1], 400.0, ['1/200', 'f/16', '100'],
            [Limit::Sync, Limit::NarrowestAperture, Limit::BaseIso],
        ];
        // P = −1 + log2(2.5/2) + 5 − Tv: −1.01 at 1/40, −2.01 at 1/80.
        yield 'a weak flash: the shutter gets faster until a quarter is enough' => [
            ['look.roomUnder' => 1], 2.0, ['1/80', 'f/4', '4000'],
            [Limit::QuarterOutput, Limit::WorkingAperture, Limit::RoomLevel],
        ];
        yield 'hopeless flash: as fast as sync allows' => [
            ['glow.ev' => 6, 'look.roomUnder' => 1], 0.05, ['1/200', 'f/4', '2500'],
            [Limit::Sync, Limit::WorkingAperture, Limit::RoomLevel],
        ];
        yield 'half-stop body: only half-stop clicks' => [
            ['look.roomUnder' => 1, 'body.step' => 'half', 'body.sync' => '1/180'], self::PLENTY, ['1/45', 'f/4', '2200'],
            [Limit::HandHeld, Limit::WorkingAperture, Limit::RoomLevel],
        ];
        yield 'long lens: sync is slower than hands hold' => [
            ['look.roomUnder' => 1, 'lens.focalLength' => 400], self::PLENTY, ['1/200', 'f/3.2', '6400'],
            [Limit::Sync, Limit::UsableIso, Limit::UsableIso],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('misses')]
    public function testTellsByHowMuchTheRoomIsMissed(array $changes, float $tooDark, float $tooBright, float $shaky): void
    {
        $choice = self::choose($changes, self::PLENTY);
        self::assertEqualsWithDelta([$tooDark, $tooBright, $shaky], [$choice->tooDark, $choice->tooBright, $choice->shaky], 0.01);
    }

    /** @return iterable<string, array{array<string, mixed>, float, float, float}> */
    public static function misses(): iterable
    {
        yield 'supper' => [[], 0.0, 0.0, 0.0];
        // Reach: 5.33 + 1.67 − 6 = EV 1.0 against the wanted −2.
        yield 'three stops too dark' => [['glow.ev' => -3, 'look.roomUnder' => 1], 3.0, 0.0, 0.0];
        // Reach: 7.67 + 8 = EV 15.67 against the wanted 17.
        yield 'a stop and a third too bright' => [['glow.ev' => 16, 'look.roomUnder' => 1], 0.0, 1.333, 0.0];
        // log2(400) = 8.644 against 7.667 for 1/200.
        yield 'a stop too slow for a long lens' => [['lens.focalLength' => 400], 0.0, 0.0, 0.977];
        yield 'two stops of stabiliser mend that' => [['lens.focalLength' => 400, 'body.stabiliser' => 2], 0.0, 0.0, 0.0];
    }

    /** P = f + log2(2.5/H) + EV − L − Tv: the output depends on the shutter alone once the room is fixed. */
    public function testOutputFollowsFromTheShutterAlone(): void
    {
        $wide = self::choose(['look' => ['roomUnder' => 1, 'aperture' => 'f/2']], self::PLENTY);
        $narrow = self::choose(['look' => ['roomUnder' => 1, 'aperture' => 'f/5.6']], self::PLENTY);
        self::assertSame($wide->settings->shutter->label(), $narrow->settings->shutter->label());
        self::assertNotSame($wide->settings->aperture->label(), $narrow->settings->aperture->label());
        $moment = Moments::with(['look.roomUnder' => 1]);
        self::assertEqualsWithDelta(
            FaceBalance::outputFor($moment, $wide->settings, self::PLENTY),
            FaceBalance::outputFor($moment, $narrow->settings, self::PLENTY),
            1e-9,
        );
    }

    public function testNoLightAsksForEndlessOutput(): void
    {
        $moment = Moments::with([]);
        self::assertSame(INF, FaceBalance::outputFor($moment, ExposureChooser::for($moment)->choose(0.0)->settings, 0.0));
    }

    /** @param array<string, mixed> $changes */
    private static function choose(array $changes, float $light): ExposureChoice
    {
        return ExposureChooser::for(Moments::with($changes))->choose($light);
    }
}
