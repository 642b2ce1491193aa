<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Night;

use Kaddle\Core\Advice\Remedy;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Night\TemplateMoment;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whoever begins with a usual evening begins with moments that can be reckoned with. */
final class NightTemplateTest extends TestCase
{
    #[DataProvider('templates')]
    public function testRunsThroughTheNightInOrder(NightTemplate $template): void
    {
        $moments = $template->moments();
        $starts = array_map(self::minutesIntoTheNight(...), $moments);
        $sorted = $starts;
        sort($sorted);
        self::assertSame($sorted, $starts);
        self::assertGreaterThanOrEqual(12, count($starts));
        self::assertLessThan(self::minutesIntoTheNight($moments[0]) + 12 * 60, end($starts), 'one night');
        $names = array_map(static fn(TemplateMoment $m): string => $m->name, $moments);
        self::assertSame($names, array_unique($names));
    }

    #[DataProvider('templates')]
    public function testEachMomentIsSoundAndMostCanBeHad(NightTemplate $template): void
    {
        $had = 0;
        foreach ($template->moments() as $moment) {
            $solution = MomentSolver::solve(Moments::with(self::asDocument($moment)));
            $had += $solution->isFeasible() ? 1 : 0;
            if (!$solution->isFeasible()) {
                self::assertNotSame([], Remedy::allFor($solution), "{$moment->name} names help");
            }
        }
        self::assertGreaterThan(count($template->moments()) / 2, $had);
    }

    /** @return iterable<string, array{NightTemplate}> */
    public static function templates(): iterable
    {
        foreach (NightTemplate::cases() as $template) {
            yield $template->value => [$template];
        }
    }

    /** @return array<string, mixed> changes of the supper's document */
    private static function asDocument(TemplateMoment $moment): array
    {
        [$length, $width, $height] = $moment->room->metres();
        $finishes = [];
        foreach (Face::cases() as $face) {
            $finishes[$face->value] = $moment->room->finish($face)->value;
        }
        $roof = $moment->room->roof();

        return [
            'room' => ['length' => $length, 'width' => $width, 'height' => $height, 'finishes' => $finishes, ...($roof === null ? [] : ['roof' => ['ridge' => $roof->ridge, 'runs' => $roof->way->value]])],
            'camera' => ['fromBackWall' => 4.0, 'height' => 1.6],
            'subject' => ['distance' => $moment->distance, 'height' => $moment->height],
            'people' => ['movement' => $moment->movement->value, 'depth' => $moment->depth, 'behind' => $moment->behind->value],
            'glow' => ['ev' => $moment->glow],
            'look.roomUnder' => $moment->roomUnder,
            'look.aperture' => $moment->aperture,
            'look.school' => $moment->school->value,
            'look.withoutFlash' => $moment->withoutFlash,
        ];
    }

    /** What starts before six in the morning belongs to the evening before. */
    private static function minutesIntoTheNight(TemplateMoment $moment): int
    {
        [$hour, $minute] = array_map(intval(...), explode(':', $moment->starts));

        return 60 * ($hour < 6 ? $hour + 24 : $hour) + $minute;
    }
}
