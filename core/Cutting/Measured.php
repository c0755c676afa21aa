<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * A cutting task in whole units: the greatest measure that divides every side, so that the numbers are small. Kinds, sheets and the
 * narrowest strip are the same things as outside, only counted.
 */
final readonly class Measured
{
    /**
     * @param int $unit ticks of one unit
     * @param list<Kind> $kinds
     * @param list<array{int, int, int, bool}> $placements kind, width, height, turned: every way a kind may lie
     * @param list<non-empty-list<array{int, int, bool}>> $ways width, height, turned: the same by kind
     * @param list<array{int, int}> $sheets width and height of each supply
     * @param list<array{int, int}> $usable width and height of what pieces can take of each, see {@see UsableSide}
     * @param int $narrowest strip that comes off
     * @param int $longest cut that the blade makes
     */
    private function __construct(
        public int $unit,
        public array $kinds,
        public array $placements,
        public array $ways,
        public array $sheets,
        public array $usable,
        public int $narrowest,
        public int $longest,
    ) {
    }

    /**
     * @param list<Kind> $kinds
     * @param list<Supply> $supplies
     */
    public static function of(array $kinds, array $supplies, Trimmer $trimmer): self
    {
        $unit = 0;
        foreach ([
            ...array_map(static fn (Kind $kind): Size => $kind->size, $kinds),
            ...array_map(static fn (Supply $supply): Size => $supply->sheet, $supplies),
        ] as $size) {
            $unit = self::divisor(self::divisor($unit, $size->width->ticks), $size->height->ticks);
        }
        $unit = max(1, $unit);
        $placements = [];
        $ways = [];
        $wide = [];
        $tall = [];
        foreach ($kinds as $index => $kind) {
            [$width, $height] = [intdiv($kind->size->width->ticks, $unit), intdiv($kind->size->height->ticks, $unit)];
            $waysOfIt = [[$width, $height, false]];
            if ($kind->turnable && $width !== $height) {
                $waysOfIt[] = [$height, $width, true];
            }
            foreach ($waysOfIt as $way) {
                $placements[] = [$index, ...$way];
                $wide[$way[0]] = ($wide[$way[0]] ?? 0) + $kind->quantity;
                $tall[$way[1]] = ($tall[$way[1]] ?? 0) + $kind->quantity;
            }
            $ways[] = $waysOfIt;
        }
        $sheets = array_map(
            static fn (Supply $supply): array => [
                intdiv($supply->sheet->width->ticks, $unit),
                intdiv($supply->sheet->height->ticks, $unit),
            ],
            $supplies,
        );
        // A strip of just the narrowest breadth still comes off.
        $narrowest = intdiv($trimmer->narrowestStrip->ticks + $unit - 1, $unit);
        $usable = array_map(
            static fn (array $sheet): array => [
                (new UsableSide($wide, $narrowest))->of($sheet[0]),
                (new UsableSide($tall, $narrowest))->of($sheet[1]),
            ],
            $sheets,
        );
        $longest = intdiv($trimmer->longestCut->ticks, $unit);

        return new self($unit, $kinds, $placements, $ways, $sheets, $usable, $narrowest, $longest);
    }

    /** Whether a strip so broad is nothing or comes off. */
    public function isClean(int $strip): bool
    {
        return $strip === 0 || $strip >= $this->narrowest;
    }

    /** What pieces can take of a sheet of that supply at the most. */
    public function usableSheet(int $supply): Size
    {
        [$width, $height] = $this->usable[$supply];

        return new Size(Length::ofTicks($width * $this->unit), Length::ofTicks($height * $this->unit));
    }

    /** @return list<int> pieces of each kind */
    public function wanted(): array
    {
        return array_map(static fn (Kind $kind): int => $kind->quantity, $this->kinds);
    }

    /**
     * @param array<int, int> $counts by kind
     * @return list<int> a kind for each piece
     */
    public static function each(array $counts): array
    {
        $kinds = [];
        foreach ($counts as $kind => $count) {
            array_push($kinds, ...array_fill(0, $count, $kind));
        }

        return $kinds;
    }

    /** @param list<int> $kinds */
    public function areaOf(array $kinds): int
    {
        return array_sum(array_map($this->area(...), $kinds));
    }

    public function area(int $kind): int
    {
        return intdiv($this->kinds[$kind]->size->width->ticks, $this->unit) * intdiv($this->kinds[$kind]->size->height->ticks, $this->unit);
    }

    private static function divisor(int $one, int $other): int
    {
        while ($other !== 0) {
            [$one, $other] = [$other, $one % $other];
        }

        return $one;
    }
}
