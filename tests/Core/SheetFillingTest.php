<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\SheetFilling;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\TestCase;

/** A sheet is filled from the corner on, piece by piece. */
final class SheetFillingTest extends TestCase
{
    /**
     * Worked by hand: 6 × 6 in the corner of 10 × 10 leaves 4 × 10 and 6 × 4. Three of 4 × 4 go there, and what is left takes the four
     * small ones. Small ones first leave no room for one of the three.
     */
    public function test_where_little_may_be_tried_larger_pieces_go_first(): void
    {
        $kinds = Kind::among([
            new Demand('small', Size::inches(2, 2), 4, false),
            new Demand('middle', Size::inches(4, 4), 3, false),
            new Demand('large', Size::inches(6, 6), 1, false),
        ]);
        $filling = (new SheetFilling($kinds, Trimmer::usual(ToolGrid::from('1/8 in'), null, null), Effort::unlimited(), 1))
            ->fill(Size::inches(10, 10), [4, 3, 1]);
        $this->assertSame(Size::inches(10, 10)->area(), $filling->used);
        $this->assertSame([4, 3, 1], [$filling->pieces[0] ?? 0, $filling->pieces[1] ?? 0, $filling->pieces[2] ?? 0]);
    }
}
