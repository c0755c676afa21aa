<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use PHPUnit\Framework\TestCase;

final class JointTest extends TestCase
{
    public function test_pieces_are_held_alike_where_nothing_but_the_pieces_differs(): void
    {
        $likeness = self::joint()->likeness();
        $this->assertNotNull($likeness);
        $elsewhere = ['from' => new PanelRef('sheet-2', 'gusset', Side::B), 'onto' => new PanelRef('sheet-3', 'gusset', Side::A)];
        $this->assertSame($likeness, self::joint(...$elsewhere, task: 'nest-2', area: self::area(3))->likeness());
        $others = [
            ['from' => new PanelRef('sheet-1', 'left', Side::B)],
            ['from' => new PanelRef('sheet-1', 'gusset', Side::A)],
            ['onto' => new PanelRef('sheet-2', 'right', Side::A)],
            ['onto' => new PanelRef('sheet-2', 'gusset', Side::B)],
            ['adhesive' => Adhesive::WetGlue],
            ['layer' => Layer::Mat],
            ['isLap' => true],
            ['by' => Edge::Left],
            ['by' => Edge::Right],
            ['by' => Edge::Left, 'towards' => Edge::Top],
            ['towards' => Edge::Left],
        ];
        $found = [$likeness, ...array_map(static fn (array $other): ?string => self::joint(...$other)->likeness(), $others)];
        $this->assertSame(array_unique($found), $found, 'each differs from all others');
        $this->assertNotContains(null, $found);
        // On a face its place there is what matters.
        foreach ([['face' => 'page-1'], ['held' => self::area(1)], ['shape' => Polygon::of(self::area(1))]] as $other) {
            $this->assertNull(self::joint(...$other)->likeness());
        }
    }

    private static function joint(mixed ...$with): Joint
    {
        return new Joint(...[
            'from' => new PanelRef('sheet-1', 'gusset', Side::B),
            'onto' => new PanelRef('sheet-2', 'gusset', Side::A),
            'area' => self::area(2),
            'adhesive' => Adhesive::Tape,
            'layer' => Layer::Structure,
            'task' => 'nest-1',
            ...$with,
        ]);
    }

    private static function area(int $inches): Rectangle
    {
        return Rectangle::whole(Size::inches($inches, 8));
    }
}
