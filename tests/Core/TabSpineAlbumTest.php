<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Geometry\Edge;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\TestCase;

/** Check values of the album from three 12 × 12 sheets: common practice, no published source. */
final class TabSpineAlbumTest extends TestCase
{
    use Designs;

    private const KEY = 'tab-spine-album';

    public function test_sheets_and_scores(): void
    {
        $plan = $this->plan(self::KEY);
        foreach ([1, 2, 3] as $k) {
            $sheet = $plan->blueprint->part("sheet-{$k}");
            $this->assertSame('12 × 8 in', $plan->notation()->size($sheet->size));
            $this->assertSame(
                ['5½', '6', '6½'],
                array_map(static fn ($crease): string => $plan->notation()->number($crease->at()), $sheet->creases),
            );
            $this->assertSame(
                [Fold::Valley, Fold::Mountain, Fold::Valley],
                array_map(static fn ($crease): Fold => $crease->fold, $sheet->creases),
                'the tab stands inwards',
            );
        }
        $this->assertCount(12, $plan->blueprint->pages());
        $this->assertSame('sheet-1', $plan->blueprint->face('front-cover')->paper->part);
        $this->assertSame(
            ['sheet-3', 'sheet-3'],
            [$plan->blueprint->face('page-5')->paper->part, $plan->blueprint->face('page-6')->paper->part],
        );
    }

    public function test_pocket_strip_and_rests(): void
    {
        $this->assertSame([
            'Middle pocket, back' => ['4 × 8¼ in'],
            'Middle pocket, front' => ['4 × 7¾ in'],
            'Binding strip' => ['1½ × 8 in'],
            'Photo mat from the rests' => ['3¾ × 4 in', '4¼ × 4 in', '2½ × 2½ in', '4 × 4 in'],
            'Top-load pocket' => ['5½ × 2½ in'],
        ], $this->pieces($this->plan(self::KEY)));
    }

    /** Three sheets of 12 × 12 and nothing left: 12×8 each, and the strips 8¼×4 + 3¾×4; 7¾×4 + 4¼×4; 8×1½ + 5½×2½ + 2½×2½ + 4×4. */
    public function test_nothing_is_wasted(): void
    {
        $plan = $this->plan(self::KEY);
        $this->assertCount(1, $plan->stocks);
        $stock = $plan->stocks[0];
        $this->assertSame([3, 3], [$stock->cuts->sheets(), $stock->cuts->lowerBound]);
        foreach ($stock->cuts->patterns as $pattern) {
            $this->assertSame([], $pattern->offcuts());
        }
        (new TrimmerBench(Trimmer::usual($plan->design->tools->grid)))->replay($stock->cuts, $stock->demands);
    }

    public function test_a_pad_of_36_sheets_gives_twelve_albums(): void
    {
        $this->assertSame(12, intdiv(36, $this->plan(self::KEY)->sheets()));
    }

    public function test_the_middle_pocket_opens_away_from_the_spine_and_slides(): void
    {
        $pouch = $this->plan(self::KEY)->blueprint->get(Pouch::class, 'middle-pocket');
        $this->assertSame(Edge::Right, $pouch->opening);
        $this->assertEqualsCanonicalizing([Edge::Top, Edge::Bottom, Edge::Left], $pouch->glued);
        $this->assertSame('page-6', $pouch->face);
    }

    public function test_the_order_of_the_tabs(): void
    {
        $keys = array_map(static fn ($step): string => $step->key, $this->plan(self::KEY)->steps);
        $expected = [
            'fold-sheet-1',
            'mitre-tab',
            'close-hollow',
            'join-2',
            'join-3',
            'middle-pocket',
            'hang-middle-pocket',
            'binding-strip',
            'round-corners',
        ];
        $this->assertSame($expected, array_values(array_intersect($keys, $expected)));
    }

    /** Worked by hand: p = 4, t = ½, h = 6 on 12 × 12: sheets 9 × 6, pocket 3 × 6¼ and 3 × 5¾; the rest is 6 tall, so no mats from it. */
    public function test_another_size_worked_by_hand(): void
    {
        $plan = $this->plan(
            self::KEY,
            ['parameters' => ['leaf-width' => '4', 'leaf-height' => '6', 'sheets' => 2, 'pocket-width' => '3'], 'furniture' => []],
        );
        $this->assertSame('9 × 6 in', $plan->notation()->size($plan->blueprint->part('sheet-2')->size));
        $this->assertSame([
            'Middle pocket, back' => ['3 × 6¼ in'],
            'Middle pocket, front' => ['3 × 5¾ in'],
            'Binding strip' => ['1½ × 6 in'],
        ], $this->pieces($plan));
        $this->assertCount(8, $plan->blueprint->pages());
    }

    /**
     * Worked by hand: p = 13.8, t = 1.2, h = 20 cm: sheets 30 × 20, pocket 10.5 × 20.6 and 10.5 × 19.4, rests 9.4, 10.6 and 10 wide, 6.2
     * × 6.7.
     */
    public function test_in_centimetres(): void
    {
        $plan = $this->plan(self::KEY, ['unit' => 'cm']);
        $this->assertSame('30.0 × 20.0 cm', $plan->notation()->size($plan->blueprint->part('sheet-1')->size));
        $this->assertSame([
            'Middle pocket, back' => ['10.5 × 20.6 cm'],
            'Middle pocket, front' => ['10.5 × 19.4 cm'],
            'Binding strip' => ['3.8 × 20.0 cm'],
            'Photo mat from the rests' => ['9.4 × 10.5 cm', '10.6 × 10.5 cm', '6.2 × 6.7 cm', '10.0 × 10.5 cm'],
            'Top-load pocket' => ['13.8 × 6.0 cm'],
        ], $this->pieces($plan));
        $this->assertSame([3, 3], [$plan->sheets(), $plan->stocks[0]->cuts->lowerBound]);
    }

    /** @return array<string, list<string>> sizes by name, without the sheets */
    private function pieces(WorkPlan $plan): array
    {
        $pieces = [];
        foreach ($plan->blueprint->parts as $part) {
            if ($part->section !== 'Album sheets') {
                $pieces[$part->name][] = $plan->notation()->size($part->size);
            }
        }

        return $pieces;
    }
}
