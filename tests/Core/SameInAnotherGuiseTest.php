<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Part;
use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Folding\CreasePattern;
use Ephemeron\Folding\FoldedSheet;
use Ephemeron\Folding\Folder;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Paper\StockRole;
use Ephemeron\Structure\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The same task in another guise must come to the same: mirrored, turned, twice as large, in another order, more of it. */
final class SameInAnotherGuiseTest extends TestCase
{
    use Designs;

    #[DataProvider('seeds')]
    public function test_pieces_in_another_order_take_as_many_sheets(int $seed): void
    {
        $demands = $this->demands($seed);
        $this->assertSame($this->cut($demands)->lowerBound, $this->cut(array_reverse($demands))->lowerBound);
        $this->assertEqualsWithDelta($this->cut($demands)->sheets(), $this->cut(array_reverse($demands))->sheets(), 1.0);
    }

    #[DataProvider('seeds')]
    public function test_everything_twice_as_large_takes_as_many_sheets(int $seed): void
    {
        $demands = $this->demands($seed);
        $twice = array_map(
            static fn (Demand $demand): Demand => new Demand(
                $demand->key,
                new Size($demand->size->width->times(2), $demand->size->height->times(2)),
                $demand->quantity,
                $demand->turnable,
            ),
            $demands,
        );
        $trimmer = new Trimmer(Length::inches(25), Length::inches(0, 1, 4), ToolGrid::Eighth);
        $large = ProvenPlanner::quick()->plan($twice, [new Supply('Large', Size::inches(24, 24), Length::zero())], $trimmer);
        $this->assertSame([$this->cut($demands)->sheets(), $this->cut($demands)->lowerBound], [$large->sheets(), $large->lowerBound]);
    }

    #[DataProvider('seeds')]
    public function test_a_quarter_turn_of_everything_changes_no_bound(int $seed): void
    {
        $demands = $this->demands($seed);
        $turned = array_map(
            static fn (Demand $demand): Demand => new Demand($demand->key, $demand->size->turned(), $demand->quantity, $demand->turnable),
            $demands,
        );
        $this->assertSame($this->cut($demands)->lowerBound, $this->cut($turned)->lowerBound);
    }

    #[DataProvider('seeds')]
    public function test_what_may_be_turned_never_takes_more_than_what_may_not(int $seed): void
    {
        $fixed = array_map(
            static fn (Demand $demand): Demand => new Demand($demand->key, $demand->size, $demand->quantity, false),
            $this->demands($seed),
        );
        $free = array_map(
            static fn (Demand $demand): Demand => new Demand($demand->key, $demand->size, $demand->quantity, true),
            $this->demands($seed),
        );
        $this->assertLessThanOrEqual($this->cut($fixed)->lowerBound, $this->cut($free)->lowerBound);
    }

    #[DataProvider('seeds')]
    public function test_a_piece_less_never_wants_a_sheet_more(int $seed): void
    {
        $demands = $this->demands($seed);
        $fewer = array_values(
            array_filter(
                array_map(static fn (Demand $demand): Demand => $demand->free($demand->quantity - 1), $demands),
                static fn (Demand $demand): bool => $demand->quantity > 0,
            ),
        );
        if ($fewer === []) {
            $this->addToAssertionCount(1);

            return;
        }
        $this->assertLessThanOrEqual($this->cut($demands)->sheets(), $this->cut($fewer)->lowerBound);
        $this->assertLessThanOrEqual($this->cut($demands)->lowerBound, $this->cut($fewer)->lowerBound);
    }

    #[DataProvider('seeds')]
    public function test_a_leftover_never_makes_it_worse(int $seed): void
    {
        $demands = $this->demands($seed);
        $with = ProvenPlanner::quick()->plan(
            $demands,
            [$this->supply(), new Supply('Dew point', Size::inches(12, 5), Length::zero(), 2, isLeftover: true)],
            $this->trimmer(),
        );
        (new TrimmerBench($this->trimmer()))->replay($with, $demands);
        $this->assertSame([], $with->missing);
        $this->assertLessThanOrEqual($this->cut($demands)->sheets(), $with->sheets());
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 10; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('structures')]
    public function test_copies_cut_together_never_want_more_than_one_by_one(string $structure): void
    {
        $one = $this->plan($structure);
        $three = \Ephemeron\Workshop::ofTheHouse()->plan($this->design($structure), 3);
        foreach ($three->stocks as $index => $stock) {
            $single = $one->stocks[$index]->cuts;
            $this->assertLessThanOrEqual(3 * $single->sheets(), $stock->cuts->sheets(), "{$structure}, {$stock->stock->name}");
            $this->assertGreaterThanOrEqual($single->lowerBound, $stock->cuts->lowerBound);
            $gives = [];
            foreach ($stock->cuts->patterns as $pattern) {
                foreach ($pattern->gives as $letter => $count) {
                    $gives[$letter] = ($gives[$letter] ?? 0) + $count;
                }
            }
            foreach ($one->blueprint->parts as $part) {
                if (isset($gives[$part->letter])) {
                    $this->assertSame(3 * $part->quantity, $gives[$part->letter], "{$structure}, {$part->letter}");
                }
            }
        }
    }

    #[DataProvider('structures')]
    public function test_with_mountains_for_valleys_the_layers_come_the_other_way_round(string $structure): void
    {
        foreach ($this->plan($structure)->blueprint->parts as $part) {
            if ($part->creases === []) {
                continue;
            }
            $other = $this->with($part, array_map(static fn (Crease $crease): Crease => new Crease($crease->line, match ($crease->fold) {
                Fold::Valley => Fold::Mountain,
                Fold::Mountain => Fold::Valley,
                Fold::Either => Fold::Either,
            }), $part->creases));
            [$one, $two] = [$this->fold($part), $this->fold($other)];
            $this->assertSame($one->folds(), $two->folds());
            $this->assertEqualsWithDelta($one->bounds(), $two->bounds(), 1.0);
            if (array_filter(
                $part->creases,
                static fn (Crease $crease): bool => $crease->fold === Fold::Either,
            ) === [] && $one->moves !== [] && $one->moves[0]->quarters === 2) {
                $this->assertSame(
                    array_map(
                        static fn ($move): bool => ! $move->over,
                        array_filter($one->moves, static fn ($move): bool => $move->quarters === 2),
                    ),
                    array_map(
                        static fn ($move): bool => $move->over,
                        array_filter($two->moves, static fn ($move): bool => $move->quarters === 2),
                    ),
                    "{$structure}, {$part->name}: over for under",
                );
            }
        }
    }

    #[DataProvider('structures')]
    public function test_a_mirrored_part_folds_to_the_mirrored_shape(string $structure): void
    {
        $this->addToAssertionCount(1);
        foreach ($this->plan($structure)->blueprint->parts as $part) {
            if ($part->creases === [] || $part->slits !== [] || $part->cutAways !== []) {
                continue;
            }
            $flip = static fn (Point $point): Point => new Point($part->size->width->minus($point->x), $point->y);
            $mirrored = new Part(
                $part->key,
                $part->name,
                $part->section,
                $part->size,
                $part->role,
                creases: array_map(
                    static fn (Crease $crease): Crease => new Crease(
                        new Segment($flip($crease->line->from), $flip($crease->line->to)),
                        $crease->fold,
                    ),
                    $part->creases,
                ),
            );
            $plain = new Part($part->key, $part->name, $part->section, $part->size, $part->role, creases: $part->creases);
            [
                [$left, $top, $right, $bottom],
            [$mleft, $mtop, $mright, $mbottom],
            ] = [$this->fold($plain)->bounds(), $this->fold($mirrored)->bounds()];
            $this->assertEqualsWithDelta(
                [$right - $left, $bottom - $top],
                [$mright - $mleft, $mbottom - $mtop],
                1.0,
                "{$structure}, {$part->name}",
            );
        }
    }

    /** @return iterable<string, array{string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $key) {
            yield $key => [$key];
        }
    }

    /** @return list<Demand> */
    private function demands(int $seed): array
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(1_000 + $seed));
        $demands = [];
        foreach (range('A', chr(ord('A') + $chance->getInt(1, 4))) as $letter) {
            $demands[] = new Demand(
                $letter,
                new Size(Length::inches(0, $chance->getInt(12, 72), 8), Length::inches(0, $chance->getInt(12, 72), 8)),
                $chance->getInt(1, 6),
                $chance->getInt(0, 1) === 1,
            );
        }

        return $demands;
    }

    /** @param list<Demand> $demands */
    private function cut(array $demands): CutPlan
    {
        return ProvenPlanner::quick()->plan($demands, [$this->supply()], $this->trimmer());
    }

    private function supply(): Supply
    {
        return new Supply('Dew point', Size::inches(12, 12), Length::zero());
    }

    private function trimmer(): Trimmer
    {
        return Trimmer::usual(ToolGrid::Eighth);
    }

    private function fold(Part $part): FoldedSheet
    {
        return (new Folder)->fold(CreasePattern::of($part));
    }

    /** @param list<Crease> $creases */
    private function with(Part $part, array $creases): Part
    {
        return new Part(
            $part->key,
            $part->name,
            $part->section,
            $part->size,
            StockRole::StructureCard,
            creases: $creases,
            slits: $part->slits,
            panels: $part->panels,
            cutAways: $part->cutAways,
        );
    }
}
