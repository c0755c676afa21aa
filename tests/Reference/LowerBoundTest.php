<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Kind;
use Ephemeron\Cutting\LowerBound;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sheets cut into pieces at random: how many sheets there were is known by construction, and no bound may exceed it. */
final class LowerBoundTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_no_more_than_the_sheets_that_were_cut_up(int $seed): void
    {
        mt_srand($seed);
        $sheets = mt_rand(1, 6);
        $demands = [];
        for ($sheet = 0; $sheet < $sheets; $sheet++) {
            foreach ($this->cutUp(96, 96, mt_rand(1, 9)) as [$width, $height]) {
                $demands[] = new Demand(
                    'P'.count($demands),
                    new Size(Length::inches(0, $width, 8), Length::inches(0, $height, 8)),
                    1,
                    (bool) mt_rand(0, 1),
                );
            }
        }
        $bound = (new LowerBound(Kind::among($demands), Size::inches(12, 12)))->sheets();
        // All of the sheets is used, so area alone gives their number: the bound is tight.
        $this->assertSame($sheets, $bound);
    }

    /** @return list<array{int, int}> pieces of a rectangle, in eighths */
    private function cutUp(int $width, int $height, int $cuts): array
    {
        if ($cuts === 0 || max($width, $height) < 2) {
            return [[$width, $height]];
        }
        $first = mt_rand(0, $cuts - 1);
        if ($width >= $height) {
            $at = mt_rand(1, $width - 1);

            return [...$this->cutUp($at, $height, $first), ...$this->cutUp($width - $at, $height, $cuts - 1 - $first)];
        }
        $at = mt_rand(1, $height - 1);

        return [...$this->cutUp($width, $at, $first), ...$this->cutUp($width, $height - $at, $cuts - 1 - $first)];
    }
}
