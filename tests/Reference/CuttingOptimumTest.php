<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\PatternSearch;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * Small cutting tasks of which every pattern can be listed: HiGHS (npm package `highs`) solves the same linear and whole-number programme.
 * The bound must be what the linear one says, rounded up, and the plan as good as the whole-number one.
 */
final class CuttingOptimumTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_bound_and_plan_are_those_of_an_independent_solver(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(100 + $seed));
        $demands = [];
        for ($kind = 0; $kind < 4; $kind++) {
            $demands[] = new Demand(
                "P{$kind}",
                Size::inches($chance->getInt(3, 8), $chance->getInt(3, 8)),
                $chance->getInt(2, 12),
                $seed % 2 === 0,
            );
        }
        $supplies = [new Supply('Twelve', Size::inches(12, 12), Length::zero())];
        $trimmer = Trimmer::usual(ToolGrid::Eighth);
        $kinds = Kind::among($demands);
        $task = Measured::of($kinds, $supplies, $trimmer);
        $wanted = array_map(static fn (Kind $kind): int => $kind->quantity, $kinds);
        $found = $this->solved($wanted, $this->everyPattern($task, ...$task->sheets[0]));

        $search = new PatternSearch($task, $supplies, $wanted);
        $search->run([], PHP_INT_MAX, 500_000_000, Effort::unlimited());
        $this->assertSame((int) ceil($found['lp'] - 1e-6), $search->bound);
        $plan = ProvenPlanner::thorough()->plan($demands, $supplies, $trimmer);
        $this->assertSame($found['ilp'], $plan->sheets());
        $this->assertLessThanOrEqual($found['ilp'], $plan->lowerBound);
    }

    /**
     * @param list<int> $wanted
     * @param list<list<int>> $patterns
     * @return array{lp: float, ilp: int}
     */
    private function solved(array $wanted, array $patterns): array
    {
        $process = new Process(
            ['node', __DIR__.'/cutting-optimum.mjs'],
            dirname(__DIR__, 2),
            input: json_encode(['wanted' => $wanted, 'patterns' => $patterns], JSON_THROW_ON_ERROR),
        );
        $process->mustRun();

        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * What can come out of a rectangle by cuts from edge to edge: every combination, those that another one contains left out.
     *
     * @return list<list<int>>
     */
    private function everyPattern(Measured $task, int $width, int $height): array
    {
        $known = [];

        return array_values($this->combinations($task, $width, $height, $known));
    }

    /**
     * @param array<string, array<string, list<int>>> $known
     * @return array<string, list<int>>
     */
    private function combinations(Measured $task, int $width, int $height, array &$known): array
    {
        $name = "{$width}x{$height}";
        if (isset($known[$name])) {
            return $known[$name];
        }
        $none = array_fill(0, count($task->kinds), 0);
        $all = [implode(',', $none) => $none];
        foreach ($task->placements as [$kind, $w, $h]) {
            if ($w <= $width && $h <= $height) {
                $one = $none;
                $one[$kind] = 1;
                $all[implode(',', $one)] = $one;
            }
        }
        $halves = [];
        for ($at = 1; 2 * $at <= $width; $at++) {
            $halves[] = [[$at, $height], [$width - $at, $height]];
        }
        for ($at = 1; 2 * $at <= $height; $at++) {
            $halves[] = [[$width, $at], [$width, $height - $at]];
        }
        foreach ($halves as [$first, $second]) {
            foreach ($this->combinations($task, $first[0], $first[1], $known) as $one) {
                foreach ($this->combinations($task, $second[0], $second[1], $known) as $other) {
                    $sum = array_map(static fn (int $a, int $b): int => $a + $b, $one, $other);
                    $all[implode(',', $sum)] = $sum;
                }
            }
        }

        return $known[$name] = array_filter($all, fn (array $pattern): bool => ! $this->isContained($pattern, $all));
    }

    /**
     * @param list<int> $pattern
     * @param array<string, list<int>> $all
     */
    private function isContained(array $pattern, array $all): bool
    {
        foreach ($all as $other) {
            if ($other !== $pattern && array_filter(
                array_map(static fn (int $a, int $b): int => $a - $b, $pattern, $other),
                static fn (int $more): bool => $more > 0,
            ) === []) {
                return true;
            }
        }

        return false;
    }
}
