<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\Measured;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\TightRectangles;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TightRectanglesTest extends TestCase
{
    private const WIDE = 30;

    private const TALL = 24;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    /** Against every pair of them, side by side and one below the other. */
    #[DataProvider('seeds')]
    public function test_two_parts_are_joined_in_every_way_that_matters(int $seed): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $tight = $this->tight();
        $these = $tight->smallest($this->some($chance));
        $those = $tight->smallest($this->some($chance));
        $every = $joined = $this->some($chance);
        foreach (array_chunk($these, 2) as [$width, $height]) {
            foreach (array_chunk($those, 2) as [$otherWidth, $otherHeight]) {
                $ways = [
                    [$width + $otherWidth, max($height, $otherHeight)],
                    [max($width, $otherWidth), $height + $otherHeight],
                ];
                foreach ($ways as [$wide, $tall]) {
                    if ($wide <= self::WIDE && $tall <= self::TALL) {
                        $every[$wide] = min($every[$wide] ?? PHP_INT_MAX, $tall);
                    }
                }
            }
        }
        $tight->join($these, $those, $joined);
        $this->assertSame($tight->smallest($every), $tight->smallest($joined));
    }

    public function test_what_just_goes_beside_each_other_or_below_is_joined_and_a_mark_more_is_not(): void
    {
        $this->assertSame([self::WIDE => 13], $this->joined([10, 12], [20, 13]));
        $this->assertSame([], $this->joined([10, 12], [21, 13]));
        $this->assertSame([20 => self::TALL], $this->joined([20, 12], [11, 12]));
    }

    /**
     * @param list<int> $these
     * @param list<int> $those
     * @return array<int, int> height by width
     */
    private function joined(array $these, array $those): array
    {
        $least = [];
        $this->tight()->join($these, $those, $least);

        return $least;
    }

    /** @return array<int, int> some rectangles, height by width */
    private function some(\Random\Randomizer $chance): array
    {
        $some = [];
        for ($number = $chance->getInt(0, 7); $number > 0; $number--) {
            $some[$chance->getInt(1, self::WIDE)] = $chance->getInt(1, self::TALL);
        }

        return $some;
    }

    private function tight(): TightRectangles
    {
        $supply = new Supply('Sheet', Size::inches(30, 24), Length::zero());
        $kinds = Kind::among([new Demand('A', Size::inches(1, 1), 1, true)]);
        $task = Measured::of($kinds, [$supply], Trimmer::usual(ToolGrid::Eighth));

        return new TightRectangles(self::WIDE, self::TALL, $task, Effort::unlimited());
    }
}
