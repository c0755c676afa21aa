<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\AroundPins;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Fit\CutTogether;
use Ephemeron\WorkPlan;
use PHPUnit\Framework\TestCase;

/** Several books at once: what they are cut from together is all that each of them wants, from no more sheets. */
final class CutTogetherTest extends TestCase
{
    use Designs;

    private const KRAFT = ['name' => 'Kraft dusk', 'sheet' => '12x12', 'weight' => '220'];

    public function test_every_piece_of_every_book_is_there_and_no_sheet_more(): void
    {
        $books = [
            $this->plan('nested-gusset-album', ['mats' => ['layers' => 2], 'materials' => ['structure-card' => self::KRAFT]]),
            $this->plan('tag-clutch', ['mats' => ['layers' => 1], 'materials' => ['structure-card' => self::KRAFT]]),
            $this->plan('tab-spine-album', ['materials' => ['structure-card' => [...self::KRAFT, 'name' => 'Night chart']]]),
        ];
        $together = $this->together($books);
        $wanted = [];
        foreach ($books as $index => $plan) {
            foreach ($plan->stocks as $stock) {
                foreach ($stock->demands as $demand) {
                    $key = ($index + 1).$demand->key;
                    $wanted[$key] = ($wanted[$key] ?? 0) + $demand->quantity;
                }
            }
        }
        $found = [];
        foreach ($together as $each) {
            foreach ($each->plan->demands as $demand) {
                $found[$demand->key] = ($found[$demand->key] ?? 0) + $demand->quantity;
            }
            $this->assertSame([], $each->plan->cuts->missing);
            $this->assertLessThanOrEqual($each->apart, $each->plan->cuts->sheets(), $each->plan->stock->name);
            $this->assertSame($each->apart - $each->plan->cuts->sheets(), $each->spared());
        }
        ksort($wanted);
        ksort($found);
        $this->assertSame($wanted, $found);
        $kraft = array_values(array_filter($together, static fn (CutTogether $each): bool => $each->plan->stock->name === 'Kraft dusk'));
        $this->assertSame([1, 2], $kraft[0]->books, 'the third has a paper of its own');
    }

    /** Two books of which each wants one piece of 12 × 5 in: one sheet instead of two; with one sheet in all that is not sparing. */
    public function test_what_is_spared(): void
    {
        $clutch = ['materials' => ['structure-card' => [...self::KRAFT, 'count' => 1]]];
        $plan = $this->plan('tag-clutch', $clutch);
        $twice = $this->together([$plan, $plan]);
        $card = array_values(array_filter($twice, static fn (CutTogether $each): bool => $each->plan->stock->name === 'Kraft dusk'))[0];
        $this->assertNotSame([], $card->plan->cuts->missing);
        $this->assertSame(0, $card->spared(), 'there is not enough of it either way');
        $keys = array_map(static fn (Demand $demand): string => $demand->key[0], $card->plan->demands);
        $this->assertSame(['1', '2'], array_values(array_unique($keys)));
    }

    /**
     * @param list<WorkPlan> $books
     * @return list<CutTogether>
     */
    private function together(array $books): array
    {
        return CutTogether::of(
            array_map(static fn (WorkPlan $plan): array => $plan->stocks, $books),
            new AroundPins(ProvenPlanner::quick()),
            Trimmer::usual($books[0]->design->tools->grid),
        );
    }
}
