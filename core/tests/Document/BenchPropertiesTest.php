<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Document;

use Eris\Generators;
use Eris\TestTrait;
use Kaddle\Core\Advice\Role;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\Outfit;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\TestCase;

/** What must hold for every moment on the bench. */
final class BenchPropertiesTest extends TestCase
{
    use TestTrait;

    /** H = 250·N²/S has no shutter in it: up to sync the shutter moves the room and no flash. */
    public function testTheShutterNeverMovesTheFlash(): void
    {
        $this->limitTo(40)->forAll(Generators::choose(-6, 22), Generators::choose(-6, 22), Generators::choose(1, 400))
            ->then(static function (int $one, int $other, int $light): void {
                [$slow, $fast] = [self::settings($one, 9, 6), self::settings($other, 9, 6)];
                self::assertSame($slow->levelOfFlash($light)->value, $fast->levelOfFlash($light)->value);
                $moved = $slow->offsetOf(ExposureValue::atIso100(4.0))->minus($fast->offsetOf(ExposureValue::atIso100(4.0)))->value;
                self::assertEqualsWithDelta(($other - $one) / 3.0, $moved, 1e-9);
            });
    }

    public function testApertureAndIsoMoveRoomAndFlashAlike(): void
    {
        $this->limitTo(40)->forAll(Generators::choose(2, 24), Generators::choose(2, 24), Generators::choose(0, 18), Generators::choose(0, 18))
            ->then(static function (int $av, int $otherAv, int $sv, int $otherSv): void {
                [$one, $other] = [self::settings(15, $av, $sv), self::settings(15, $otherAv, $otherSv)];
                $glow = ExposureValue::atIso100(3.0);
                self::assertEqualsWithDelta(
                    $one->offsetOf($glow)->minus($other->offsetOf($glow))->value,
                    $one->levelOfFlash(30.0)->minus($other->levelOfFlash(30.0))->value,
                    1e-9,
                );
            });
    }

    /** Whatever the gear and the room, a click is proposed that the gear has. */
    public function testEveryValueProposedIsAClickOfItsGear(): void
    {
        $this->limitTo(25)->forAll(Generators::elements(['third', 'half']), Generators::elements(['third', 'half', 'tenth', 'whole']), Generators::choose(-20, 120), Generators::choose(10, 90), Generators::choose(22, 80))
            ->then(static function (string $body, string $unit, int $ev, int $distance, int $height): void {
                $moment = Moments::with([
                    'body.step' => $body, 'body.sync' => $body === 'half' ? '1/180' : '1/200', 'flash.step' => $unit,
                    'glow.ev' => $ev / 10, 'subject.distance' => $distance / 10, 'room.height' => $height / 10,
                ]);
                $solution = MomentSolver::solve($moment);
                $settings = $solution->best->choice->settings;
                $step = Step::from($body);
                self::assertContains($settings->shutter->label(), array_map(static fn(Shutter $s): string => $s->label(), Shutter::scale($step)));
                self::assertContains($settings->aperture->label(), array_map(static fn(Aperture $a): string => $a->label(), Aperture::scale($step, $moment->lens->widest, $moment->lens->narrowest)));
                self::assertContains($settings->iso->label(), array_map(static fn(Iso $i): string => $i->label(), Iso::scale($step, $moment->body->baseIso, $moment->body->usableIso)));
                self::assertContains($solution->best->output->label(), array_map(static fn($o): string => $o->label(), $moment->flash->scale()));
                self::assertLessThanOrEqual($moment->body->sync->tv->thirtieths, $settings->shutter->tv->thirtieths);
            });
    }

    /** A room seen in a mirror, the same numbers, the other hand. */
    public function testAMirroredRoomGetsAMirroredAnswer(): void
    {
        $finishes = ['ceiling' => 'dark-timber', 'floor' => 'oak-boards', 'back' => 'cream-paint', 'far' => 'cream-paint', 'right' => 'black-drape', 'left' => 'white-plaster'];
        $mirrored = ['right' => $finishes['left'], 'left' => $finishes['right']] + $finishes;
        $here = self::byAim(MomentSolver::solve(Moments::with(['room.finishes' => $finishes])));
        $there = self::byAim(MomentSolver::solve(Moments::with(['room.finishes' => $mirrored])));
        foreach (HeadAim::with(Outfit::bare()) as $aim) {
            self::assertEqualsWithDelta($here[$aim->value], $there[self::otherHand($aim)->value], 0.1, $aim->value); // rays fall a little unevenly
        }
        self::assertSame(HeadAim::Left, MomentSolver::solve(Moments::with(['room.finishes' => $finishes]))->best->light->aim);
        self::assertSame(HeadAim::Right, MomentSolver::solve(Moments::with(['room.finishes' => $mirrored]))->best->light->aim);
    }

    /** Straight at the face; by a wall it need not hold, for the pool of light may lie beyond the subject. */
    public function testANearerSubjectAsksForNoMoreOutput(): void
    {
        $this->limitTo(12)->forAll(Generators::choose(15, 80))->then(static function (int $distance): void {
            $wanted = static fn(float $at): float => MomentSolver::solve(Moments::with(['subject.distance' => $at, 'head' => 'direct', 'look.locks' => ['shutter' => '1/60', 'aperture' => 'f/4', 'iso' => '1600']]))->best->wantedOutput;
            self::assertLessThan($wanted($distance / 10), $wanted($distance / 14));
        });
    }

    public function testRolesAreSharesOfTheLight(): void
    {
        $this->limitTo(20)->forAll(Generators::choose(-20, 80), Generators::choose(0, 40))
            ->then(static function (int $ev, int $under): void {
                $solution = MomentSolver::solve(Moments::with(['glow.ev' => $ev / 10, 'look.roomUnder' => $under / 10]));
                $levels = $solution->levels;
                $ofShutter = Role::ofShutter($solution->best->choice->settings, $levels);
                foreach ([[$ofShutter->person, Role::ofOutput($levels)->person], [$ofShutter->room, Role::ofOutput($levels)->room]] as [$shutter, $output]) {
                    self::assertGreaterThanOrEqual(0.0, $shutter);
                    self::assertEqualsWithDelta(1.0, $shutter + $output, 1e-9);
                }
                self::assertSame($levels->faceFlash->value > $levels->room->value, Role::ofOutput($levels)->person > 0.5);
            });
    }

    /** In third-stops. */
    private static function settings(int $tv, int $av, int $sv): ExposureSettings
    {
        return ExposureSettings::of(
            Shutter::of(ExactStops::fromThirtieths(10 * $tv)),
            Aperture::of(ExactStops::fromThirtieths(10 * $av)),
            Iso::of(ExactStops::fromThirtieths(10 * $sv)),
        );
    }

    /** @return array<string, float> light on the face by way to point the head, stops */
    private static function byAim(Solution $solution): array
    {
        $light = [];
        foreach ($solution->candidates as $candidate) {
            $light[$candidate->light->aim->value] = log($candidate->light->onFace(), 2);
        }

        return $light;
    }

    private static function otherHand(HeadAim $aim): HeadAim
    {
        return match ($aim) {
            HeadAim::Left => HeadAim::Right,
            HeadAim::Right => HeadAim::Left,
            HeadAim::BackLeft => HeadAim::BackRight,
            HeadAim::BackRight => HeadAim::BackLeft,
            default => $aim,
        };
    }
}
