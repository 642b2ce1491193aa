<?php

declare(strict_types=1);

namespace Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** A controller goes from request to core to data; the parts below know nothing of the web. Checked by PHPStan. */
final class ArchitectureTest
{
    public function testModelsDoNotKnowTheWeb(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'), Selector::inNamespace('App\Casts'), Selector::inNamespace('App\Starter'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Http'), Selector::inNamespace('App\Data'), Selector::inNamespace('Inertia'))
            ->because('what is stored does not depend on how it is shown');
    }

    public function testDataDoesNotKnowTheWeb(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Data'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Http'), Selector::inNamespace('Inertia'))
            ->because('data classes are shapes');
    }

    public function testControllersHaveOneAction(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http\Controllers'))
            ->shouldBeInvokable()
            ->because('one file, one thing that a person can do');
    }
}
