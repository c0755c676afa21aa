<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What must hold of every book, whatever its structure, in inches and centimetres. */
final class WholeBookTest extends TestCase
{
    use Designs;

    #[DataProvider('books')]
    public function test_panels_divide_their_blank_without_gap_or_overlap(WorkPlan $plan): void
    {
        foreach ($plan->blueprint->parts as $part) {
            foreach ($part->panels as $index => $panel) {
                $this->assertTrue(Rectangle::whole($part->size)->contains($panel->area), "{$part->name}, {$panel->key}");
                foreach (array_slice($part->panels, $index + 1) as $other) {
                    $this->assertFalse($panel->area->overlaps($other->area), "{$part->name}, {$panel->key} and {$other->key}");
                }
            }
            if ($part->panels !== []) {
                $this->assertSame(
                    $part->size->area(),
                    array_sum(array_map(static fn ($panel): int => $panel->area->size()->area(), $part->panels)),
                    $part->name,
                );
            }
        }
    }

    #[DataProvider('books')]
    public function test_scores_slits_and_glue_lie_on_their_part(WorkPlan $plan): void
    {
        foreach ($plan->blueprint->parts as $part) {
            foreach ([...array_column($part->creases, 'line'), ...array_column($part->slits, 'line')] as $line) {
                foreach ([$line->from, $line->to] as $end) {
                    $this->assertTrue(
                        $end->x->ticks >= 0 && $end->y->ticks >= 0 && $end->x->ticks <= $part->size->width->ticks
                            && $end->y->ticks <= $part->size->height->ticks,
                        $part->name,
                    );
                }
                $this->assertFalse(
                    $line->from->x->equals($line->to->x) && $line->from->y->equals($line->to->y),
                    "{$part->name}: a line has a length",
                );
            }
            foreach ($part->glueZones as $zone) {
                $this->assertTrue(Rectangle::whole($part->size)->contains($zone->area), "{$part->name}: glue");
            }
        }
    }

    #[DataProvider('books')]
    public function test_mats_lie_inside_their_face_with_the_same_border_left_and_right(WorkPlan $plan): void
    {
        $this->addToAssertionCount(1);
        foreach ($plan->blueprint->all(Joint::class) as $joint) {
            $face = $joint->face === null ? null : $plan->blueprint->faces[$joint->face] ?? null;
            if ($face === null || ! str_starts_with($joint->task, 'mat-') || $joint->onto != $face->paper) {
                continue;
            }
            $room = $face->matted ?? Rectangle::whole($face->size);
            $this->assertTrue($room->contains($joint->area), "{$face->name}: mat");
            $left = $joint->area->left()->ticks - $room->left()->ticks;
            $right = $room->right()->ticks - $joint->area->right()->ticks;
            $this->assertLessThanOrEqual(1, abs($left - $right), "{$face->name}: borders");
        }
    }

    #[DataProvider('books')]
    public function test_a_pocket_is_not_glued_where_it_opens_and_something_goes_in(WorkPlan $plan): void
    {
        $this->addToAssertionCount(1);
        foreach ($plan->blueprint->all(Pouch::class) as $pouch) {
            $this->assertNotContains($pouch->opening, $pouch->glued, $pouch->name);
            $this->assertTrue($pouch->widestInsert()->isPositive(), $pouch->name);
            $this->assertArrayHasKey($pouch->face, $plan->blueprint->faces, $pouch->name);
        }
        foreach ($plan->blueprint->all(Filling::class) as $filling) {
            $this->assertNotNull($plan->blueprint->find(Pouch::class, $filling->pouch));
        }
    }

    #[DataProvider('books')]
    public function test_pages_follow_each_other_and_pairs_are_beside_each_other(WorkPlan $plan): void
    {
        $orders = array_map(static fn ($face): int => $face->order, array_values($plan->blueprint->pages()));
        $sorted = $orders;
        sort($sorted);
        $this->assertSame($sorted, $orders, 'In reading order.');
        $this->assertSame(array_unique($orders), $orders, 'No two pages in one place.');
        foreach ($plan->blueprint->openings() as $left => $right) {
            $this->assertNotSame($plan->blueprint->face($right)->order, $plan->blueprint->face($left)->order);
        }
    }

    #[DataProvider('books')]
    public function test_a_step_needs_steps_that_stand_before_it(WorkPlan $plan): void
    {
        $before = [];
        foreach ($plan->steps as $step) {
            $this->assertSame([], array_diff($step->needs, $before), $step->key);
            $before[] = $step->key;
        }
        $this->assertSame(array_unique($before), $before);
    }

    /** A leaf has two pages: what is done to leaves is not told by numbers of pages. */
    #[TestWith(['z-page-album', 'bind-pages'])]
    #[TestWith(['z-page-album', 'join-z'])]
    #[TestWith(['mitred-tab-album', 'slip-pages'])]
    #[TestWith(['thread-hinge-album', 'tape-threads'])]
    public function test_a_leaf_is_not_called_a_page(string $structure, string $step): void
    {
        $plan = $this->plan($structure);
        $pages = preg_grep('/^Page \d+$/', array_map(static fn ($face): string => $face->name, array_values($plan->blueprint->faces))) ?: [];
        $places = array_column($plan->steps, 'places', 'key')[$step];
        $this->assertCount(2 * count($places), $pages);
        $this->assertSame(array_map(static fn (int $leaf): string => "leaf {$leaf}", range(1, count($places))), $places);
        foreach ($plan->blueprint->parts as $part) {
            if ($part->section === 'Pages') {
                $this->assertSame([], preg_grep('/^page \d/', $part->places) ?: [], $part->name);
            }
        }
    }

    #[DataProvider('books')]
    public function test_letters_are_given_once_and_sections_stay_together(WorkPlan $plan): void
    {
        $letters = array_map(static fn (Part $part): string => $part->letter, array_values($plan->blueprint->parts));
        $this->assertSame(array_unique($letters), $letters);
        $sections = array_map(static fn (Part $part): string => $part->section, array_values($plan->blueprint->parts));
        $changes = 0;
        foreach ($sections as $k => $section) {
            $changes += $k > 0 && $section !== $sections[$k - 1] ? 1 : 0;
        }
        $this->assertSame(count(array_unique($sections)) - 1, $changes);
    }

    #[DataProvider('books')]
    public function test_every_piece_comes_out_of_some_sheet_and_is_put_somewhere(WorkPlan $plan): void
    {
        $given = [];
        foreach ($plan->stocks as $stock) {
            $this->assertSame([], $stock->cuts->missing, $stock->stock->name);
            foreach ($stock->cuts->patterns as $pattern) {
                foreach ($pattern->gives as $letter => $count) {
                    $given[$letter] = ($given[$letter] ?? 0) + $count;
                }
            }
        }
        foreach ($plan->blueprint->parts as $part) {
            $this->assertSame($part->quantity, $given[$part->letter] ?? 0, $part->name);
        }
        $inHand = array_merge(...array_map(static fn ($step): array => $step->parts, $plan->steps));
        foreach (array_keys($plan->blueprint->parts) as $key) {
            $this->assertContains((string) $key, array_map(strval(...), $inHand), "{$key} is in hand in some step");
        }
    }

    #[DataProvider('structures')]
    public function test_both_schools_of_measurement_make_about_the_same_book(string $structure): void
    {
        [$inches, $centimetres] = [
            $this->closed($this->plan($structure)->blueprint),
            $this->closed($this->plan($structure, ['unit' => 'cm'])->blueprint),
        ];
        foreach ([0, 1] as $side) {
            $this->assertEqualsWithDelta(
                1.0,
                $centimetres[$side] / $inches[$side],
                0.12,
                "{$structure}: {$inches[$side]} mm, {$centimetres[$side]} mm",
            );
        }
    }

    #[DataProvider('structures')]
    public function test_metric_books_want_no_length_between_the_millimetres_of_a_ruler(string $structure): void
    {
        $plan = $this->plan($structure, ['unit' => 'cm']);
        foreach ($plan->blueprint->parts as $part) {
            foreach ([$part->size->width, $part->size->height] as $length) {
                $this->assertSame(
                    0,
                    $length->ticks % Length::micrometres(500)->ticks,
                    "{$structure}, {$part->name}: {$length->inMillimetres()} mm",
                );
            }
        }
    }

    /** @return iterable<string, array{WorkPlan}> */
    public static function books(): iterable
    {
        $reader = \Ephemeron\Format\DesignReader::ofTheHouse();
        foreach (Catalogue::ofTheHouse()->all() as $structure) {
            foreach (Unit::cases() as $unit) {
                yield "{$structure->about()->key}, {$unit->value}"
                    => [\Ephemeron\Workshop::ofTheHouse()->plan($reader->usual($structure, $unit))];
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

    /** @return array{float, float} */
    private function closed(Blueprint $blueprint): array
    {
        $size = $blueprint->closedSize();

        return [$size->width->inMillimetres(), $size->height->inMillimetres()];
    }
}
