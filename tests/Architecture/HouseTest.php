<?php

declare(strict_types=1);

namespace FreshTack\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The arrows of the house: Web → Shop → Core, with Storage plugged in behind what Shop asks for. */
final class HouseTest
{
    public function testCoreStandsAlone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('FreshTack\Core'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('FreshTack\Core'), Selector::inNamespace('Brick\Math'))
            ->because('the rules of the job know no framework, no database and no clock');
    }

    public function testShopKnowsCoreAndExchangeOnly(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('FreshTack\Shop'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('FreshTack\Shop'), Selector::inNamespace('FreshTack\Core'), Selector::inNamespace('FreshTack\Exchange'), Selector::inNamespace('Psr'))
            ->because('use cases ask through interfaces of their own');
    }

    public function testExchangeKnowsCoreOnly(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('FreshTack\Exchange'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('FreshTack\Shop'), Selector::inNamespace('FreshTack\Storage'), Selector::inNamespace('FreshTack\Web'), Selector::inNamespace('FreshTack\Console'))
            ->because('a format depends on the rules, never on who uses it');
    }

    public function testStorageDoesNotKnowWeb(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('FreshTack\Storage'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('FreshTack\Web'))
            ->because('columns know no status codes');
    }

    public function testWebDoesNotReachPastShop(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('FreshTack\Web'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('FreshTack\Storage'), Selector::inNamespace('Doctrine'))
            ->because('controllers map, call and present');
    }
}
