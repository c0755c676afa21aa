<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\EveryWay;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\KnownPatterns;
use Ephemeron\Cutting\LowerBound;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\Packing;
use Ephemeron\Cutting\PlansSoFar;
use Ephemeron\Cutting\SetSearch;
use Ephemeron\Cutting\Slab;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** From a plan with a sheet for every piece; how few there may be is known from {@see EveryWay}, which is tested against every cut. */
final class SetSearchTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_every_way_ends_with_the_best_plan_and_its_proof(int $seed): void
    {
        [$task, $supply, $bound, $plans] = $this->begun($seed);
        $least = $this->least($task);
        (new SetSearch($task, [$supply], $plans, Effort::unlimited()))->tryEveryWay($bound, PHP_INT_MAX);
        $this->assertSame([$least, $least, 0], [$plans->best()->newSheets, $plans->bound(), $plans->best()->missed]);
    }

    #[DataProvider('seeds')]
    public function test_priced_sets_make_plans_that_are_kept(int $seed): void
    {
        [$task, $supply, $bound, $plans] = $this->begun($seed);
        $least = $this->least($task);
        (new SetSearch($task, [$supply], $plans, Effort::ofSeconds(2)))->price($bound, Effort::A_SECOND);
        $this->assertSame([$least, 0], [$plans->best()->newSheets, $plans->best()->missed]);
        $this->assertLessThanOrEqual($least, $plans->bound());
    }

    public function test_pieces_together_take_the_sum_of_what_each_takes(): void
    {
        [$task] = $this->begun(1);
        $this->assertSame($task->area(0) + 2 * $task->area(1), $task->areaOf([0, 1, 1]));
        $this->assertSame(0, $task->areaOf([]));
    }

    /** @return array{Measured, Supply, LowerBound, PlansSoFar} */
    private function begun(int $seed): array
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $demands = [];
        for ($piece = 0; $piece < 10; $piece++) {
            $demands[] = new Demand("P{$piece}", Size::inches($chance->getInt(4, 9), $chance->getInt(4, 9)), 1, $seed % 2 === 0);
        }
        $kinds = Kind::among($demands);
        $supply = new Supply('Sheet', Size::inches(12, 12), Length::zero());
        $task = Measured::of($kinds, [$supply], new Trimmer(Length::inches(100), Length::inches(1), ToolGrid::Eighth));
        $bound = new LowerBound($kinds, $supply->sheet);
        $plans = new PlansSoFar($bound->sheets(), new KnownPatterns($task->narrowest));
        $sheets = [];
        foreach (Measured::each($task->wanted()) as $kind) {
            $slab = new Slab(...$task->sheets[0]);
            [$width, $height] = $task->ways[$kind][0];
            $slab->place($kind, $width, $height, false, false);
            $sheets[] = [0, $slab];
        }
        $plans->keep(new Packing($task, [$supply], $sheets, []));

        return [$task, $supply, $bound, $plans];
    }

    private function least(Measured $task): int
    {
        $every = new EveryWay($task, Measured::each($task->wanted()), [], Effort::unlimited());
        for ($least = 1; $every->within($least) === null; $least++);

        return $least;
    }
}
