<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Joint;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\SheetSpot;
use Ephemeron\Papering\Crops;
use Ephemeron\Papering\Motif;
use Ephemeron\Papering\Seats;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The motif drawn under a face: the piece is cut from another place, and what was drawn to a spot is seen there. */
final class MotifTest extends TestCase
{
    use Designs;

    /**
     * Whatever side shows and however the print is turned: the dot of the print that lay at a place of the face lies so far further
     * after it was moved, as the cut plan for the new place shows.
     */
    #[TestWith(['A', null])]
    #[TestWith(['B', null])]
    #[TestWith(['A', 1])]
    #[TestWith(['A', 2])]
    #[TestWith(['B', 3])]
    #[TestWith(['B', 1])]
    public function test_a_motif_comes_where_it_is_drawn(string $side, ?int $turn): void
    {
        $choice = ['paper' => 'dew', 'side' => $side, ...($turn === null ? [] : ['turn' => $turn]), 'at' => ['left' => '2', 'top' => '2']];
        $plan = $this->album($choice);
        $motif = $this->motif($plan);
        $this->assertEquals([Length::inches(2), Length::inches(2)], [$motif->place->area->left(), $motif->place->area->top()]);
        [$right, $down] = [Length::inches(0, 3, 4), Length::zero()->minus(Length::inches(0, 1, 2))];
        $spot = $motif->moved($right, $down, $plan->design->tools->grid, 1);
        $moved = $this->motif($this->album(['at' => $this->written($spot, $plan->notation())] + $choice));
        $this->assertEquals($spot->left, $moved->place->area->left());
        // The dot at 2 × 2 from the upper left of the face lies ¾ further right and ½ further up now.
        $dot = static fn (Motif $seen, Length $x, Length $y): array => array_map(
            static fn (Length $at): int => $at->ticks,
            self::onPrint($seen, $x, $y),
        );
        $this->assertSame(
            $dot($motif, Length::inches(2), Length::inches(2)),
            $dot($moved, Length::inches(2)->plus($right), Length::inches(2)->plus($down)),
        );
        $this->assertSame([], $plan->report->of('pin-is-loose'));
    }

    /** Never beyond the sheet, and to the marks of the trimmer. */
    public function test_it_stays_on_the_sheet_and_on_the_marks(): void
    {
        $plan = $this->album(['paper' => 'dew', 'at' => ['left' => '2', 'top' => '2']]);
        $motif = $this->motif($plan);
        $grid = $plan->design->tools->grid;
        $far = $motif->moved(Length::inches(40), Length::inches(40), $grid, 1);
        $this->assertEquals([Length::zero(), Length::zero()], [$far->left, $far->top], 'the motif to the right is the piece to the left');
        $back = Length::zero()->minus(Length::inches(40));
        $far = $motif->moved($back, $back, $grid, 1);
        $area = Rectangle::at($far->left, $far->top, $motif->place->area->size());
        $this->assertEquals([Length::inches(12), Length::inches(12)], [$area->right(), $area->bottom()]);
        $little = $motif->moved(Length::ofTicks(300), Length::ofTicks(200), $grid, 1);
        $this->assertTrue($grid->carries($little->left) && $grid->carries($little->top));
        $this->assertEquals(Length::inches(1, 15, 16), $little->left, '300 ticks are nearer to a sixteenth (508) than to none');
        $this->assertEquals(Length::inches(2), $little->top);
    }

    /** One face of many equal ones: only its own piece is cut there. */
    public function test_only_this_face_moves(): void
    {
        $plan = $this->album(['paper' => 'dew', 'at' => ['left' => '2', 'top' => '2']]);
        $part = $plan->blueprint->part($this->joint($plan)->from->part);
        $this->assertSame(1, $part->quantity);
        $this->assertEquals(new SheetSpot(Length::inches(2), Length::inches(2)), $part->spot);
    }

    private static function onPrint(Motif $seen, Length $x, Length $y): array
    {
        $size = $seen->crop->area->size();
        [$across, $down] = match ($seen->crop->quarters) {
            1 => [$y, $size->height->minus($x)],
            2 => [$size->width->minus($x), $size->height->minus($y)],
            3 => [$size->width->minus($y), $x],
            default => [$x, $y],
        };

        return [$seen->crop->area->left()->plus($across), $seen->crop->area->top()->plus($down)];
    }

    /** @return array<string, string|int|bool> */
    private function written(SheetSpot $spot, Notation $notation): array
    {
        return [
            'left' => $notation->exact($spot->left),
            'top' => $notation->exact($spot->top),
            'sheet' => $spot->sheet,
            'turned' => $spot->turned,
        ];
    }

    /** @param array<string, mixed> $choice of page 1 */
    private function album(array $choice): WorkPlan
    {
        return $this->plan('mitred-tab-album', [
            'parameters' => ['page-width' => '5'],
            'mats' => ['layers' => 1],
            'papers' => ['dew' => ['name' => 'Meteor trail', 'sheet' => '12x12', 'weight' => '160', 'count' => 4]],
            'choices' => ['page-1' => $choice],
        ]);
    }

    private function motif(WorkPlan $plan): Motif
    {
        $motif = (new Crops($plan->blueprint, $plan->stocks))->motif($this->joint($plan));
        $this->assertNotNull($motif);

        return $motif;
    }

    private function joint(WorkPlan $plan): Joint
    {
        foreach (Seats::of($plan->blueprint) as $seat) {
            if ($seat->place === 'page-1' && $seat->joint !== null) {
                return $seat->joint;
            }
        }
        $this->fail('page 1 has no mat');
    }
}
