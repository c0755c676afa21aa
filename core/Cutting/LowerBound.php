<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/**
 * How many sheets it takes at the least, whatever the cutting, guillotine or not.
 *
 * Sides are rescaled by dual feasible functions: functions that never let pieces that fit side by side come to more than the sheet. Any two
 * of them, one for each side, make the pieces of one sheet come to no more area than the sheet, so the rescaled area of all pieces counts
 * sheets. A piece that may be turned counts the way in which it counts less. See {@see Rescaling} for the functions.
 */
final readonly class LowerBound
{
    /** Sums of fractions are rounded up to whole sheets; a bound must not gain a sheet by a rounding error. */
    private const CAUTION = 1e-9;

    /** Rescaled areas that are added up: beyond that the finest functions are left out. */
    private const MOST_SUMS = 1_200_000;

    /** Ways of rescaling that tell pieces apart by less than this in the mean are as good as the same. */
    private const ALIKE = 0.01;

    private int $wide;

    private int $tall;

    /** @var list<int> */
    private array $across;

    /** @var list<int> */
    private array $down;

    /** @var list<array{int, int, int, int, int}> by kind: index of its width and its height, both again turned, and how many */
    private array $lies;

    /** @param list<Kind> $kinds each fits the sheet */
    public function __construct(array $kinds, Size $sheet)
    {
        [$this->wide, $this->tall] = [$sheet->width->ticks, $sheet->height->ticks];
        [$across, $down, $lies] = [[], [], []];
        foreach ($kinds as $kind) {
            $ways = array_values(array_filter(
                $kind->turnable ? [$kind->size, $kind->size->turned()] : [$kind->size],
                static fn (Size $way): bool => $way->fitsIn($sheet),
            ));
            [$one, $other] = [$ways[0] ?? $sheet, $ways[1] ?? $ways[0] ?? $sheet];
            $lies[] = [
                $across[$one->width->ticks] ??= count($across),
                $down[$one->height->ticks] ??= count($down),
                $across[$other->width->ticks] ??= count($across),
                $down[$other->height->ticks] ??= count($down),
                $kind->quantity,
            ];
        }
        [$this->across, $this->down, $this->lies] = [array_keys($across), array_keys($down), $lies];
    }

    /**
     * @param int $enough a bound that need not be exceeded: a plan with so many sheets is there
     * @param bool $coarsely by a few functions that do most of it
     */
    public function sheets(bool $coarsely = false, int $enough = PHP_INT_MAX, ?Effort $effort = null): int
    {
        $bound = 0;
        foreach ($this->areas($coarsely, $effort) as $area) {
            $bound = max($bound, (int) ceil($area - self::CAUTION));
            if ($bound >= $enough) {
                break;
            }
        }

        return $bound;
    }

    /**
     * What a piece of each kind takes of a sheet, said in the ways in which all of them come to most, the plain area first: the pieces of
     * one sheet never come to more than 1.
     *
     * @return non-empty-list<list<float>> ways, each with the share of every kind
     */
    public function shares(int $ways, Effort $effort): array
    {
        $areas = [];
        $scales = [];
        foreach ($this->areas(false, $effort) as $by => $area) {
            $areas[] = $area;
            $scales[] = $by;
        }
        arsort($areas);
        $shares = [$this->scaled(...$scales[0])];
        foreach (array_keys($areas) as $at) {
            if (count($shares) >= $ways) {
                break;
            }
            $share = $this->scaled(...$scales[$at]);
            foreach ($shares as $known) {
                $apart = 0.0;
                foreach ($share as $kind => $part) {
                    $apart += abs($part - $known[$kind]);
                }
                if ($apart < self::ALIKE * count($share)) {
                    continue 2;
                }
            }
            $shares[] = $share;
        }

        return $shares;
    }

    /** @return iterable<array{list<float>, list<float>}, float> two rescalings and the area of all pieces by them, in sheets */
    private function areas(bool $coarsely, ?Effort $effort): iterable
    {
        $kinds = count($this->lies);
        $most = intdiv(self::MOST_SUMS, max(1, $kinds));
        $counts = array_column($this->lies, 4);
        $ofKinds = fn (array $by, int $side): array => array_map(static fn (array $lies): float => $by[$lies[$side]], $this->lies);
        $downAs = array_map(
            static fn (array $y): array => [$y, $ofKinds($y, 1), $ofKinds($y, 3)],
            Rescaling::all($this->down, $this->tall, $coarsely),
        );
        foreach (Rescaling::all($this->across, $this->wide, $coarsely) as $x) {
            $effort?->spend($kinds * count($downAs));
            $wide = $ofKinds($x, 0);
            $turnedWide = $ofKinds($x, 2);
            foreach ($downAs as [$y, $high, $turnedHigh]) {
                if (--$most < 0) {
                    return;
                }
                yield [$x, $y] => $this->sum($wide, $high, $turnedWide, $turnedHigh, $counts);
            }
        }
    }

    /**
     * Not in the loop that yields it: what yields is not compiled.
     *
     * @param list<float> $wide by kind, as a share of the sheet
     * @param list<float> $high
     * @param list<float> $turnedWide
     * @param list<float> $turnedHigh
     * @param list<int> $counts
     */
    private function sum(array $wide, array $high, array $turnedWide, array $turnedHigh, array $counts): float
    {
        $area = 0.0;
        foreach ($wide as $kind => $width) {
            $lying = $width * $high[$kind];
            $turned = $turnedWide[$kind] * $turnedHigh[$kind];
            $area += $counts[$kind] * ($lying < $turned ? $lying : $turned);
        }

        return $area;
    }

    /**
     * @param list<float> $x
     * @param list<float> $y
     * @return list<float> by kind
     */
    private function scaled(array $x, array $y): array
    {
        return array_map(static fn (array $lies): float => min($x[$lies[0]] * $y[$lies[1]], $x[$lies[2]] * $y[$lies[3]]), $this->lies);
    }
}
