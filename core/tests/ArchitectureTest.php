<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Dependencies run one way: lowest first as in ROOMS. Checked by PHPStan, not by PHPUnit. */
final class ArchitectureTest
{
    /** Every room, lowest first, with nothing above it allowed inside. */
    private const ROOMS = [
        'Quantity', 'Intake', 'Exposure', 'Motion', 'Colour', 'Glow', 'Power', 'Room', 'Radiosity', 'Flash', 'Gear',
        'People', 'Wish', 'Situation', 'Solve', 'Drag', 'Advice', 'Meter', 'Picture', 'Kit', 'Night', 'Score', 'Card', 'Form', 'Words', 'Document', 'Exchange',
    ];

    /** @return iterable<Rule> */
    public function testRoomsDependDownwardsOnly(): iterable
    {
        foreach (self::ROOMS as $i => $room) {
            foreach (array_slice(self::ROOMS, $i + 1) as $above) {
                yield PHPat::rule()
                    ->classes(Selector::inNamespace("Kaddle\\Core\\$room"))
                    ->shouldNotDependOn()
                    ->classes(Selector::inNamespace("Kaddle\\Core\\$above"))
                    ->because("$room lies below $above");
            }
        }
    }

    public function testCoreKnowsNoFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Kaddle\Core'))
            ->excluding(Selector::inNamespace('Kaddle\Core\Tests'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Illuminate'), Selector::inNamespace('App'), Selector::inNamespace('Inertia'))
            ->because('the rules of the job must run without any interface');
    }
}
