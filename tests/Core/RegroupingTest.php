<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Cutting\Corners;
use Ephemeron\Cutting\Effort;
use Ephemeron\Cutting\Regrouping;
use Ephemeron\Cutting\Slab;
use Ephemeron\Measure\Axis;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A sheet that is cut otherwise gives the same pieces, and every part of it still adds up. */
final class RegroupingTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 30; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_the_same_pieces_come_out_of_the_same_sheet(int $seed): void
    {
        $chance = self::chance($seed);
        $slab = new Slab(60, 48);
        $kinds = 0;
        $this->cutUp($slab, 12, $kinds, $chance);
        $before = $slab->signature();
        $other = (new Regrouping($chance, Effort::unlimited()))->of($slab);
        $this->assertSame($before, $slab->signature(), 'What it was made from stays.');
        $this->assertSame([60, 48, $slab->used()], [$other->width, $other->height, $other->used()]);
        $this->assertEqualsCanonicalizing($this->laid($slab), $this->laid($other));
        $this->assertAddsUp($other);
    }

    /** Two pieces of 4 with strips of 2 and 3 beside them, in a row: 5 come together beside one of them. */
    public function test_what_is_free_in_a_row_comes_together(): void
    {
        $slab = new Slab(13, 6);
        $rest = $slab->divide(Axis::Width, 6);
        $slab->first?->place(0, 4, 6, false, true);
        $rest->place(1, 4, 6, false, true);
        $seen = [];
        for ($seed = 1; $seed <= 20; $seed++) {
            $chance = self::chance($seed);
            $other = (new Regrouping($chance, Effort::unlimited()))->of($slab);
            $this->assertSame(5 * 6, $other->largestFree());
            $seen[$other->signature()] = true;
        }
        $this->assertCount(4, $seen, 'Either comes first, and it is free beside either.');
    }

    public function test_of_a_free_sheet_comes_a_free_one(): void
    {
        $chance = self::chance(1);
        $this->assertSame('7x5o', (new Regrouping($chance, Effort::unlimited()))->of(new Slab(7, 5))->signature());
    }

    /**
     * A piece as tall as the sheet, 4 broad, beside one of 3 and one of 4, one below the other, in a part of 6. All that is free beside the
     * tall one would leave a strip of 1 beside the one of 3, which does not come off where 2 is the narrowest.
     */
    public function test_a_sheet_from_which_a_strip_would_not_come_off_stays_as_it_is(): void
    {
        $tooNarrow = 0;
        for ($seed = 1; $seed <= 20; $seed++) {
            $slab = new Slab(10, 6);
            $right = $slab->divide(Axis::Width, 4);
            $slab->first?->place(0, 4, 6, false, true);
            $below = $right->divide(Axis::Height, 3);
            $right->first?->place(1, 3, 3, false, true);
            $below->place(2, 4, 3, false, true);
            $this->assertTrue($slab->comesOff(2));
            $regrouping = static fn (): Regrouping => new Regrouping(self::chance($seed), Effort::unlimited());
            $tooNarrow += $regrouping()->of($slab)->comesOff(2) ? 0 : 1;
            (new Corners([$slab], self::chance($seed), Effort::unlimited()))->regroup($regrouping(), 2);
            $this->assertTrue($slab->comesOff(2));
            $this->assertSame([1, 1, 1], array_values($slab->pieces()));
        }
        $this->assertGreaterThan(0, $tooNarrow);
    }

    private static function chance(int $seed): \Random\Randomizer
    {
        return new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
    }

    private function cutUp(Slab $slab, int $cuts, int &$kinds, \Random\Randomizer $chance): void
    {
        if ($cuts === 0 || max($slab->width, $slab->height) < 8) {
            if ($chance->getInt(0, 4) > 0) {
                $slab->place($kinds++, $slab->width - $chance->getInt(0, 1), $slab->height - $chance->getInt(0, 1), $kinds % 2 === 0, true);
            }

            return;
        }
        $along = $slab->width >= $slab->height ? Axis::Width : Axis::Height;
        $second = $slab->divide($along, $chance->getInt(3, max($slab->width, $slab->height) - 3));
        $first = $chance->getInt(0, $cuts - 1);
        $this->cutUp($slab->first ?? $slab, $first, $kinds, $chance);
        $this->cutUp($second, $cuts - 1 - $first, $kinds, $chance);
    }

    /** @return list<array{int, int, int, bool}> */
    private function laid(Slab $slab): array
    {
        if ($slab->kind !== null) {
            return [[$slab->kind, $slab->width, $slab->height, $slab->turned]];
        }

        return $slab->first === null || $slab->second === null ? [] : [...$this->laid($slab->first), ...$this->laid($slab->second)];
    }

    private function assertAddsUp(Slab $slab): void
    {
        if ($slab->first === null || $slab->second === null) {
            return;
        }
        [$first, $second] = [$slab->first, $slab->second];
        $this->assertSame(
            [$slab->width, $slab->height],
            $slab->along === Axis::Width
                ? [$first->width + $second->width, max($first->height, $second->height)]
                : [max($first->width, $second->width), $first->height + $second->height],
        );
        $this->assertSame($slab->along === Axis::Width ? $first->height : $first->width, $slab->along === Axis::Width ? $second->height : $second->width);
        $this->assertSame($slab->at, $slab->along === Axis::Width ? $first->width : $first->height);
        $this->assertAddsUp($first);
        $this->assertAddsUp($second);
    }
}
