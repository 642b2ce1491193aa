<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests;

use PHPUnit\Framework\TestCase;

/** The classes that hold formulas and docs/physics.md name each other. */
final class PhysicsDocTest extends TestCase
{
    /** Headings under which no formula stands that a class could hold. */
    private const WITHOUT_CLASS = ['Flash in a room', 'Checked against traced rooms', 'Twenty worked moments', 'Ten at the edges', 'Eight of two lights', 'Dragging the shutter', 'Twenty-four worked drags and three', 'The glow of a room through an evening'];

    public function testEveryHeadingIsHeldByAClassAndEveryPointerHitsAHeading(): void
    {
        preg_match_all('/^##+ (.+)$/m', (string) file_get_contents(__DIR__ . '/../../docs/physics.md'), $headings);
        $named = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(__DIR__ . '/../src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            preg_match_all('/@see docs\/physics\.md, “(.+)”$/mu', (string) file_get_contents($file->getPathname()), $pointers);
            array_push($named, ...$pointers[1]);
        }
        $expected = array_values(array_diff($headings[1], self::WITHOUT_CLASS));
        $named = array_values(array_unique($named));
        sort($expected);
        sort($named);
        self::assertSame($expected, $named);
    }
}
