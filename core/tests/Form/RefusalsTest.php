<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Form;

use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Intake\Fault;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Tests\Exchange\HostileDocuments;
use Kaddle\Core\Tests\Golden;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\TestCase;

/**
 * Every sentence with which a field is refused, as a golden text: a change of one is seen in the diff.
 *
 * Written anew by: KADDLE_GOLDEN=write vendor/bin/phpunit --filter RefusalsTest
 */
final class RefusalsTest extends TestCase
{
    private const MISSING = '(missing)';
    private const BAD = [self::MISSING, 'x', -1e9, 1e9, 0.5, ['a' => 1]];

    public function testEveryFieldIsRefusedInTheSentencesThatArePinned(): void
    {
        $told = [];
        foreach (self::documents() as $name => [$document, $read]) {
            foreach (array_keys(self::paths($document)) as $path) {
                $told[] = "$name $path";
                foreach (self::refusals($document, $path, $read) as $sentence => $values) {
                    $told[] = sprintf('    %s: %s', implode(', ', $values), $sentence);
                }
            }
        }
        Golden::assertSame('refusals', $told);
    }

    /** @return iterable<string, array{array<array-key, mixed>, \Closure(array<array-key, mixed>): mixed}> */
    private static function documents(): iterable
    {
        yield 'moment' => [self::moment(), MomentReader::fromArray(...)];
        yield 'moment, metered' => [Moments::documentWith([
            'glow' => ['metered' => self::metered()],
            'look.keep' => ['what' => 'candles', 'metered' => self::metered()],
            'flash.gel' => ['kind' => 'full-orange'],
        ]), MomentReader::fromArray(...)];
        foreach (['bag', 'place', 'night'] as $name) {
            /** @var array<array-key, mixed> $document */
            $document = json_decode(HostileDocuments::example($name), true, 16, JSON_THROW_ON_ERROR);
            yield $name => [$document, static fn(array $d): mixed => DocumentReader::fromJson(json_encode($d, JSON_THROW_ON_ERROR))];
        }
    }

    /** @return array<array-key, mixed> the supper with every field that there is */
    private static function moment(): array
    {
        return Moments::documentWith([
            'room.roof' => ['ridge' => 5, 'runs' => 'along'],
            'people' => ['movement' => 'walk', 'depth' => 1, 'clothing' => 'dark', 'behind' => 'band'],
            'mains' => 'hz60',
            'look.school' => 'free-hand',
            'look.locks' => ['shutter' => '1/60', 'aperture' => 'f/4', 'iso' => '800'],
            'look.keep' => ['what' => 'candles', 'ev' => 9],
            'look.fill' => 1,
            'look.nd' => 2,
            'look.highSpeed' => true,
            'head' => 'by-hand',
            'pointing' => ['turn' => 20, 'tilt' => 60],
            'zoom' => 35,
            'body.fastest' => '1/8000',
            'body.pixels' => 6000,
            'body.lacksSecondCurtain' => ['wireless'],
            'lens.closest' => 0.3,
            'flash.metered' => true,
            'flash.rearCurtain' => true,
            'flash.recycle' => 2,
            'drag' => [
                'movement' => 'spin', 'speed' => 1.5, 'heading' => 45, 'tripod' => true, 'camera' => 'sweep', 'angle' => 5, 'ratio' => 1.2,
                'moveSeconds' => 0.2, 'curtain' => 'second', 'seconds' => 2, 'crowdSpeed' => 1, 'beats' => 96, 'wireless' => true,
                'focus' => 3, 'zoneFrom' => 1, 'zoneTo' => 4,
                'lamps' => [['across' => 1, 'up' => 1, 'away' => 9, 'ev' => 12, 'size' => 60, 'kelvin' => 2700, 'speedAcross' => 1, 'speedUp' => 0, 'beat' => 'even']],
            ],
            'lens.bestFrom' => 'f/4',
            'lens.bestTo' => 'f/8',
            'flash' => [
                'zoom' => [['focalLength' => 24, 'guideNumber' => 28, 'coverage' => 76], ['focalLength' => 50, 'guideNumber' => 40, 'coverage' => 50]],
                'bounceZoom' => 24,
                'lowestUnderFull' => 7,
                'step' => 'third',
                'highSpeed' => true,
                'units' => 2,
                'modifier' => ['kind' => 'dome', 'dimming' => 2.4],
                'gel' => ['shift' => 159, 'loss' => 0.65],
            ],
        ]);
    }

    /** @return array<string, string> */
    private static function metered(): array
    {
        return ['shutter' => '1/30', 'aperture' => 'f/2.8', 'iso' => '1600'];
    }

    /**
     * Of lists the first entry only; of pieces one of each kind.
     *
     * @param array<array-key, mixed> $document
     *
     * @return array<string, true>
     */
    private static function paths(array $document, string $before = ''): array
    {
        $paths = $kinds = [];
        foreach ($document as $name => $value) {
            $kind = is_array($value) && is_string($value['piece'] ?? null) ? $value['piece'] : 'any';
            if (array_is_list($document) && isset($kinds[$kind])) {
                continue;
            }
            $kinds[$kind] = true;
            $paths["$before$name"] = true;
            $paths += is_array($value) ? self::paths($value, "$before$name.") : [];
        }

        return $paths;
    }

    /**
     * @param array<array-key, mixed> $document
     * @param \Closure(array<array-key, mixed>): mixed $read
     *
     * @return array<string, list<string>> values by what is told of them
     */
    private static function refusals(array $document, string $path, \Closure $read): array
    {
        $told = [];
        foreach (self::BAD as $value) {
            try {
                $read(self::with($document, explode('.', $path), $value));
            } catch (FaultyDocument $e) {
                $faults = array_map(static fn(Fault $f): string => ($f->field === $path ? '' : "[$f->field] ") . $f->message, array_slice($e->faults, 0, 2));
                $told[implode(' | ', $faults)][] = $value === self::MISSING ? self::MISSING : json_encode($value, JSON_THROW_ON_ERROR);
            }
        }

        return $told;
    }

    /**
     * @param array<array-key, mixed> $document
     * @param non-empty-list<string> $path
     *
     * @return array<array-key, mixed>
     */
    private static function with(array $document, array $path, mixed $value): array
    {
        $name = array_shift($path);
        if ($path !== []) {
            $document[$name] = self::with(is_array($document[$name]) ? $document[$name] : [], $path, $value);
        } elseif ($value === self::MISSING) {
            unset($document[$name]);
        } else {
            $document[$name] = $value;
        }

        return $document;
    }
}
