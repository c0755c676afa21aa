<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\Part;
use Ephemeron\Folding\Assignment;
use Ephemeron\Folding\CreasePattern;
use Ephemeron\Folding\FlatFoldability;
use Ephemeron\Folding\FoldedSheet;
use Ephemeron\Folding\Folder;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\StockRole;
use Ephemeron\Structure\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FoldingTest extends TestCase
{
    use Designs;

    /** Euler: vertices − edges + panels = 1 for one connected sheet without holes; and the panels cover what is not cut away. */
    #[DataProvider('structures')]
    public function test_panels_cover_the_paper_and_nothing_else(string $structure): void
    {
        foreach ($this->plan($structure)->blueprint->parts as $part) {
            $pattern = CreasePattern::of($part);
            $this->assertSame(
                1,
                count($pattern->vertices) - count($pattern->edges) + count($pattern->faces),
                "{$structure}, {$part->name}",
            );
            $area = array_sum(array_map(static fn ($face): int => $face->area, $pattern->faces));
            $gone = array_sum(array_map($this->area(...), $part->cutAways));
            $this->assertSame($part->size->area() - $gone, $area, "{$structure}, {$part->name}");
            $this->assertSame(
                array_unique(array_column($pattern->faces, 'panel')),
                array_column($pattern->faces, 'panel'),
                'Every panel has a name of its own.',
            );
        }
    }

    #[DataProvider('structures')]
    public function test_every_scored_part_folds_as_it_is_drawn(string $structure): void
    {
        foreach ($this->plan($structure)->blueprint->parts as $part) {
            if ($part->creases !== []) {
                $folded = (new Folder)->fold(CreasePattern::of($part));
                $this->assertSame([], $folded->problems, "{$structure}, {$part->name}");
                $this->assertHingesHold($folded, $folded->places);
                foreach ($folded->moves as $move) {
                    // At no moment does the sheet tear.
                    $this->assertHingesHold($folded, $move->places);
                }
                $this->assertEquals(
                    $folded->places,
                    $folded->moves === [] ? $folded->places : $folded->moves[count($folded->moves) - 1]->places,
                    'The last fold ends where all is folded.',
                );
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $key) {
            yield $key => [$key];
        }
    }

    #[TestWith(['4'])]
    #[TestWith(['6'])]
    #[TestWith(['8'])]
    public function test_the_meander_is_folded_from_its_first_panel_on_and_lies_in_the_order_of_its_pages(string $perSide): void
    {
        $plan = $this->plan('meander-book', ['parameters' => ['panels-per-side' => $perSide]]);
        $folded = $this->fold($plan->blueprint->part('book-sheet'));
        $count = (int) $perSide ** 2;
        $this->assertSame([], $folded->problems);
        $this->assertCount($count - 1, $folded->moves);
        $this->assertSame(
            ['panel-1'],
            array_map(static fn (int $face): string => $folded->pattern->faces[$face]->panel, $folded->moves[0]->moving),
        );
        // Handbook 6.6: panel 1 is the front cover, the last the back cover; between them the leaves, two panels each.
        $names = array_map(static fn (int $face): string => $folded->pattern->faces[$face]->panel, $folded->layers);
        $this->assertContains(
            $names,
            [
                array_map(static fn (int $k): string => "panel-{$k}", range(1, $count)),
                array_map(static fn (int $k): string => "panel-{$k}", range($count, 1)),
            ],
        );
        [$left, $top, $right, $bottom] = $folded->bounds();
        $this->assertEqualsWithDelta(12 * 8128 / (int) $perSide, $right - $left, 3.0);
        $this->assertEqualsWithDelta(12 * 8128 / (int) $perSide, $bottom - $top, 3.0);
    }

    /**
     * Closed sizes of the handbook: 6.9 five-pocket folio 4 × 5½, 6.13 wallet 6½ × 4⅛ by its back, 6.4 concertina 4 × 4, 6.5 page 6¾ × 4¼
     * (its ¾ flange folded back on it).
     */
    #[TestWith(['five-pocket-folio', 'base', 4.0, 5.5])]
    #[TestWith(['five-pocket-folio', 'angled', 3.0, 4.0])]
    #[TestWith(['waterfall-wallet', 'wallet', 6.5, 4.125])]
    #[TestWith(['cascade-album', 'concertina', 4.0, 4.0])]
    #[TestWith(['corner-pocket-album', 'page', 4.25, 6.75])]
    #[TestWith(['tab-spine-album', 'sheet-1', 5.5, 8.0])]
    #[TestWith(['nested-gusset-album', 'sheet-4', 5.0, 8.5])]
    #[TestWith(['coil-album', 'leaf', 4.0, 6.0])]
    public function test_closed_sizes_are_those_handed_down(string $structure, string $part, float $width, float $height): void
    {
        [$left, $top, $right, $bottom] = $this->fold($this->plan($structure)->blueprint->part($part))->bounds();
        $this->assertSame([$width, $height], [($right - $left) / 8128, ($bottom - $top) / 8128]);
    }

    public function test_the_four_flap_folio_closes_from_its_narrowest_gusset_outwards(): void
    {
        // Handbook 6.12: the side with the ¼ gusset first, then the ½ side, bottom, top.
        $folded = $this->fold($this->plan('four-flap-folio')->blueprint->part('base'));
        $flanges = [];
        foreach ($folded->moves as $move) {
            $names = array_map(static fn (int $face): string => $folded->pattern->faces[$face]->panel, $move->moving);
            if (count($names) === 2) {
                preg_match('/right|left|bottom|top/', $names[1], $side);
                $flanges[] = $side[0] ?? '';
            }
        }
        $this->assertSame(['right', 'left', 'bottom', 'top'], $flanges);
    }

    public function test_a_sheet_folded_in_quarters_wants_one_fold_the_other_way(): void
    {
        $wrong = $this->fold($this->cross(Fold::Valley));
        $right = $this->fold($this->cross(Fold::Mountain));

        $this->assertCount(2, $wrong->problems);
        $this->assertStringContainsString('two more mountains than valleys', $wrong->problems[0]);
        $this->assertSame([], $right->problems);
        $this->assertSame(
            [2, 2],
            array_map(static fn ($move): int => $move->depth(), $right->moves),
            'Both folds take two scores at once.',
        );
        $this->assertSame(
            [4.0, 3.0],
            [($right->bounds()[2] - $right->bounds()[0]) / 8128, ($right->bounds()[3] - $right->bounds()[1]) / 8128],
        );
    }

    public function test_as_many_mountains_as_valleys_round_a_point_do_not_lie_flat(): void
    {
        $half = static fn (Axis $along, int $at, int $from, int $to, Fold $fold): Crease => new Crease(
            Segment::across($along, Length::inches($at), Length::inches($from), Length::inches($to)),
            $fold,
        );
        $part = new Part('cross', 'Cross', 'Test', Size::inches(8, 6), StockRole::StructureCard, creases: [
            $half(Axis::Width, 4, 0, 3, Fold::Valley), $half(Axis::Width, 4, 3, 6, Fold::Mountain),
            $half(Axis::Height, 3, 0, 4, Fold::Valley), $half(Axis::Height, 3, 4, 8, Fold::Mountain),
        ]);
        $this->assertStringContainsString('two more mountains than valleys', $this->fold($part)->problems[0] ?? '');
    }

    public function test_a_panel_that_is_wider_than_what_it_must_lie_in_is_named(): void
    {
        // Rolled up from the left: 4 in onto 3 in would stick out over the next score.
        $wide = $this->fold($this->strip([4, 3, 9], ['outer', 'middle', 'back'], [Fold::Valley, Fold::Valley]));
        $narrow = $this->fold($this->strip([3, 4, 9], ['outer', 'middle', 'back'], [Fold::Valley, Fold::Valley]));

        $this->assertSame(
            ['The outer is wider than what it must lie in: it would be folded with the next score. Make it narrower, or fold it last.'],
            $wide->problems,
        );
        $this->assertSame([], $narrow->problems);
    }

    public function test_layers_do_not_pass_through_each_other(): void
    {
        // A gate folds shut from both sides over the middle; which door lies on top follows from the order.
        $gate = $this->fold($this->strip([3, 6, 3], ['one', 'middle', 'other'], [Fold::Valley, Fold::Valley]));
        $this->assertSame('middle', $gate->pattern->faces[$gate->layers[0]]->panel);
        // Back and forth: every panel lies on the one before it.
        $pleat = $this->fold($this->strip([4, 4, 4, 4], ['a', 'b', 'c', 'd'], [Fold::Valley, Fold::Mountain, Fold::Valley]));
        $names = array_map(static fn (int $face): string => $pleat->pattern->faces[$face]->panel, $pleat->layers);
        $this->assertContains($names, [['a', 'b', 'c', 'd'], ['d', 'c', 'b', 'a']]);
    }

    /** Where panels of a strip come to lie is plain counting back and forth: an independent reckoning for strips made at random. */
    public function test_random_strips_come_to_lie_where_counting_back_and_forth_puts_them(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(3));
        $folded = 0;
        for ($round = 0; $round < 120; $round++) {
            $widths = array_map(static fn (): int => $chance->getInt(1, 6), range(1, $chance->getInt(2, 5)));
            $folds = array_map(static fn (): Fold => $chance->getInt(0, 1) === 0 ? Fold::Valley : Fold::Mountain, array_slice($widths, 1));
            $sheet = $this->fold($this->strip($widths, array_map(static fn (int $k): string => "p{$k}", array_keys($widths)), $folds));
            $x = 0;
            $ends = [0];
            foreach ($widths as $k => $width) {
                $x += $k % 2 === 0 ? $width : -$width;
                $ends[] = $x;
            }
            [$left, , $right] = $sheet->bounds();
            $this->assertEqualsWithDelta((max($ends) - min($ends)) * 8128, $right - $left, 1.0);
            if ($sheet->folds()) {
                $folded++;
                $this->assertSame(count($folds), array_sum(array_map(static fn ($move): int => $move->depth(), $sheet->moves)));
                $this->assertEqualsCanonicalizing(array_keys($widths), $sheet->layers);
            }
        }
        $this->assertGreaterThan(40, $folded);
    }

    #[TestWith([8, 2, true])]
    #[TestWith([8, 3, false])]
    public function test_alternate_angles_are_compared_without_measuring_them(int $toX, int $toY, bool $flat): void
    {
        // Four scores from (4, 3): to the left, to the head, and two of which each is the other's mirror image about the diagonal when it
        // lies flat.
        $foot = $flat ? [3, 7] : [4, 7];
        $lines = [[0, 3, Fold::Valley], [4, 0, Fold::Valley], [$toX, $toY, Fold::Valley], [...$foot, Fold::Mountain]];
        $part = new Part(
            'cross',
            'Cross',
            'Test',
            Size::inches(8, 7),
            StockRole::StructureCard,
            creases: array_map(
                static fn (array $to): Crease => new Crease(
                    new Segment(new Point(Length::inches(4), Length::inches(3)), new Point(Length::inches($to[0]), Length::inches($to[1]))),
                    $to[2],
                ),
                $lines,
            ),
        );
        $pattern = CreasePattern::of($part);
        $angles = array_map(static fn (array $to): float => atan2($to[1] - 3, $to[0] - 4), $lines);
        sort($angles);
        $alternate = ($angles[1] - $angles[0]) + ($angles[3] - $angles[2]);
        foreach (FlatFoldability::interior($pattern) as $vertex => $edges) {
            $this->assertSame(abs($alternate - M_PI) < 1e-9, FlatFoldability::kawasaki($pattern, $vertex, $edges));
        }
    }

    public function test_slits_and_what_is_cut_away_are_no_hinges(): void
    {
        $pattern = CreasePattern::of($this->plan('meander-book')->blueprint->part('book-sheet'));
        $this->assertCount(15, $pattern->hinges());
        $this->assertCount(9, array_filter($pattern->edges, static fn ($edge): bool => $edge->assignment === Assignment::Cut));
        $folio = CreasePattern::of($this->plan('four-flap-folio')->blueprint->part('base'));
        $this->assertCount(9, $folio->faces);
        $this->assertCount(8, $folio->hinges());
    }

    /** @param array<int, \Ephemeron\Geometry\Isometry> $places */
    private function assertHingesHold(FoldedSheet $folded, array $places): void
    {
        foreach ($folded->hinges as $hinge) {
            foreach ([$folded->pattern->edges[$hinge->edge]->from, $folded->pattern->edges[$hinge->edge]->to] as $vertex) {
                $corner = $folded->pattern->vertices[$vertex];
                $this->assertSame(
                    $places[$hinge->one]->apply(...$corner),
                    $places[$hinge->other]->apply(...$corner),
                    'A score stays one line.',
                );
            }
        }
    }

    private function area(Polygon $polygon): int
    {
        $twice = 0;
        foreach ($polygon->corners as $k => $corner) {
            $next = $polygon->corners[($k + 1) % count($polygon->corners)];
            $twice += $corner->x->ticks * $next->y->ticks - $next->x->ticks * $corner->y->ticks;
        }

        return intdiv(abs($twice), 2);
    }

    private function fold(Part $part): FoldedSheet
    {
        return (new Folder)->fold(CreasePattern::of($part));
    }

    private function cross(Fold $last): Part
    {
        return new Part('cross', 'Cross', 'Test', Size::inches(8, 6), StockRole::StructureCard, creases: [
            new Crease(Segment::across(Axis::Width, Length::inches(4), Length::zero(), Length::inches(6)), Fold::Valley),
            new Crease(Segment::across(Axis::Height, Length::inches(3), Length::zero(), Length::inches(4)), Fold::Valley),
            new Crease(Segment::across(Axis::Height, Length::inches(3), Length::inches(4), Length::inches(8)), $last),
        ]);
    }

    /**
     * @param list<int> $widths in inches
     * @param list<string> $names
     * @param list<Fold> $folds between them
     */
    private function strip(array $widths, array $names, array $folds): Part
    {
        $panels = [];
        $creases = [];
        $x = 0;
        foreach ($widths as $k => $width) {
            $panels[] = new Panel($names[$k], $names[$k], Rectangle::at(Length::inches($x), Length::zero(), Size::inches($width, 2)));
            $x += $width;
            if (isset($folds[$k])) {
                $creases[] = new Crease(Segment::across(Axis::Width, Length::inches($x), Length::zero(), Length::inches(2)), $folds[$k]);
            }
        }

        return new Part('strip', 'Strip', 'Test', Size::inches($x, 2), StockRole::StructureCard, creases: $creases, panels: $panels);
    }
}
