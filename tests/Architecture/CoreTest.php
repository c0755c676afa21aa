<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Run by PHPStan: the core knows no framework, and inside it the arrows point one way. */
final class CoreTest
{
    /** Each room may know the ones before it. */
    private const ROOMS = [
        'Measure', 'Paper', 'Geometry', 'Gathering', 'Blueprint', 'Filling', 'Design', 'Binding', 'Structure', 'Furniture',
        'Cutting', 'Scoring', 'Folding', 'Assembly', 'Fit', 'AsMade', 'Selling', 'Papering', 'Drawer', 'Bench',
    ];

    public function test_core_knows_no_framework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Ephemeron'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App'),
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('Database'),
            )
            ->because('the trade’s computation is tested and used on its own');
    }

    /** @return iterable<Rule> */
    public function test_rooms_know_only_those_before_them(): iterable
    {
        foreach (self::ROOMS as $index => $room) {
            $later = array_slice(self::ROOMS, $index + 1);
            yield PHPat::rule()
                ->classes(Selector::inNamespace("Ephemeron\\{$room}"))
                ->shouldNotDependOn()
                ->classes(
                    Selector::inNamespace('Ephemeron\\Format'),
                    Selector::classname('Ephemeron\\Workshop'),
                    Selector::classname('Ephemeron\\WorkPlan'),
                    ...array_map(static fn (string $name) => Selector::inNamespace("Ephemeron\\{$name}"), $later),
                )
                ->because('data flows from the design to the bench');
        }
    }

    public function test_cutting_knows_demands_and_supplies_only(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Ephemeron\\Cutting'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Ephemeron\\Blueprint'),
                Selector::inNamespace('Ephemeron\\Design'),
                Selector::inNamespace('Ephemeron\\Structure'),
                Selector::inNamespace('Ephemeron\\Furniture'),
            )
            ->because('a planner can be replaced without touching anything else');
    }
}
