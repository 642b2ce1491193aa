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

    public function testDataOnlyHoldsShapes(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Data'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App\Http'),
                Selector::inNamespace('App\Models'),
                Selector::inNamespace('App\Pages'),
                Selector::inNamespace('App\Planning'),
                Selector::inNamespace('App\Exchange'),
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Inertia'),
                Selector::inNamespace('Kaddle\Core\Solve'),
                Selector::inNamespace('Kaddle\Core\Form'),
                Selector::inNamespace('Kaddle\Core\Kit'),
                Selector::inNamespace('Kaddle\Core\Power'),
            )
            ->because('what a page gets is put together in App\Pages');
    }

    public function testPagesArePutTogetherForTheWebOnly(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'), Selector::inNamespace('App\Planning'), Selector::inNamespace('App\Casts'), Selector::inNamespace('App\Starter'), Selector::inNamespace('App\Jobs'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Pages'), Selector::inNamespace('App\Http'))
            ->because('what a night comes to does not depend on the page that shows it');
    }

    public function testPagesDoNotKnowTheWeb(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Pages'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Http'), Selector::inNamespace('Inertia'))
            ->because('a page is put together from records and answers, whoever asks');
    }

    public function testControllersHaveOneAction(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http\Controllers'))
            ->shouldBeInvokable()
            ->because('one file, one thing that a person can do');
    }
}
