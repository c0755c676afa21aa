<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\Slab;
use Ephemeron\Cutting\Spots;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SpotsTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    /** Against looking at every rectangle that is free, each time. */
    #[DataProvider('seeds')]
    public function test_the_rectangle_of_which_least_is_left_is_taken_the_first_of_equal_ones(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $demands = [];
        for ($kind = 0; $kind < 4; $kind++) {
            $demands[] = new Demand("P{$kind}", Size::inches(3 + $kind, $chance->getInt(3, 9)), 1, $seed % 2 === 0);
        }
        $task = Measured::of(
            Kind::among($demands),
            [new Supply('Sheet', Size::inches(12, 12), Length::zero())],
            new Trimmer(Length::inches(100), Length::inches(2), ToolGrid::Eighth),
        );
        $rule = $seed % 3;
        $spots = new Spots($task, $rule, Effort::unlimited());
        $free = [];
        $taken = 0;
        for ($turn = 0; $turn < 200; $turn++) {
            if ($chance->getInt(0, 1) === 0) {
                $spots->open($free[] = new Slab($chance->getInt(3, 12), $chance->getInt(3, 12)));

                continue;
            }
            $kind = $chance->getInt(0, 3);
            $least = $this->least($free, $task->ways[$kind], $rule);
            $spot = $spots->take($kind);
            $this->assertSame($least === null ? null : [$free[$least[0]], ...array_slice($least, 1)], $spot);
            if ($least !== null) {
                unset($free[$least[0]]);
                $taken++;
            }
        }
        $this->assertGreaterThan(20, $taken);
    }

    /**
     * @param array<int, Slab> $free
     * @param list<array{int, int, bool}> $ways
     * @return array{int, int, int, bool}|null
     */
    private function least(array $free, array $ways, int $rule): ?array
    {
        $found = [];
        foreach ($free as $at => $slab) {
            foreach ($ways as [$width, $height, $isTurned]) {
                $rests = [$slab->width - $width, $slab->height - $height];
                if (array_filter($rests, static fn (int $rest): bool => $rest < 0 || $rest === 1) === []) {
                    $left = [$slab->width * $slab->height - $width * $height, min($rests), max($rests)][$rule];
                    $found[] = [$left, count($found), [$at, $width, $height, $isTurned]];
                }
            }
        }
        sort($found);

        return $found[0][2] ?? null;
    }
}
