<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Lays pieces one after the other into the free rectangles of all sheets that are begun, by cuts from edge to edge, and begins a new sheet
 * where none fits. In which order, by which rule and with which cut first is up to the caller, who tries many ways.
 */
final class Packer
{
    public const RULES = 3;

    public const SPLITS = 4;

    /** @var list<int> supplies in the order in which new sheets are taken from them */
    private array $order;

    /**
     * @param list<Supply> $supplies leftovers are begun all at once, sheets one by one
     * @param bool $cheapestFirst new sheets from the cheapest that holds the piece, not from the first
     */
    public function __construct(
        private readonly Measured $task,
        private readonly array $supplies,
        private readonly Effort $effort,
        bool $cheapestFirst = false,
    ) {
        $order = array_keys($supplies);
        if ($cheapestFirst) {
            usort($order, static fn (int $one, int $other): int => [$supplies[$one]->mills, $one] <=> [$supplies[$other]->mills, $other]);
        }
        $this->order = $order;
    }

    /**
     * @param list<int> $sequence kinds, one entry for each piece
     * @param int $rule how a free rectangle is chosen: 0 least area left, 1 shortest side left, 2 longest side left
     * @param int $split which cut comes first
     * @param int $most give up beyond so many sheets
     * @param list<array{int, Slab}> $begun supply and slab: sheets on which something lies already; they are changed
     * @param list<array{int, Slab}> $full supply and slab: sheets on which nothing more is laid
     */
    public function pack(array $sequence, int $rule, int $split, int $most, array $begun = [], array $full = []): Packing
    {
        $sheets = $begun;
        $free = [];
        foreach ($begun as [, $slab]) {
            array_push($free, ...$slab->free());
        }
        $taken = array_fill(0, count($this->supplies), 0);
        foreach ([...$begun, ...$full] as [$supply]) {
            $taken[$supply]++;
        }
        foreach ($this->supplies as $index => $supply) {
            for ($k = $taken[$index]; $supply->isLeftover && $k < ($supply->available ?? 0); $k++) {
                $sheets[] = [$index, $free[] = new Slab(...$this->task->sheets[$index])];
                $taken[$index]++;
            }
        }
        $missing = [];
        $begunSheets = count(array_filter([...$sheets, ...$full], fn (array $sheet): bool => ! $this->supplies[$sheet[0]]->isLeftover));
        // What lies is made anew for every piece, and weighed in the end.
        $this->effort->spend(120 * count($sequence) + 50 * count($sheets) + 20 * count($full));
        foreach ($sequence as $kind) {
            $spot = $this->bestSpot($free, $kind, $rule);
            if ($spot === null && $begunSheets < $most) {
                $sheet = $this->nextSheet($kind, $taken);
                if ($sheet !== null) {
                    $sheets[] = [$sheet, $free[] = new Slab(...$this->task->sheets[$sheet])];
                    $taken[$sheet]++;
                    $begunSheets++;
                    $last = array_key_last($free);
                    $spot = $this->bestSpot([$last => $free[$last]], $kind, $rule);
                }
            }
            if ($spot === null) {
                $missing[$kind] = ($missing[$kind] ?? 0) + 1;

                continue;
            }
            [$at, $width, $height, $turned] = $spot;
            $slab = $free[$at];
            unset($free[$at]);
            array_push($free, ...$slab->place($kind, $width, $height, $turned, $this->besideFirst($slab, $width, $height, $split)));
        }

        return new Packing(
            $this->task,
            $this->supplies,
            [...$full, ...array_values(array_filter($sheets, static fn (array $sheet): bool => ! $sheet[1]->isFree()))],
            $missing,
        );
    }

    /**
     * @param array<int, Slab> $free
     * @return array{int, int, int, bool}|null index of the rectangle, width, height, turned
     */
    private function bestSpot(array $free, int $kind, int $rule): ?array
    {
        $best = null;
        $least = PHP_INT_MAX;
        $narrowest = $this->task->narrowest;
        $this->effort->spend(2 + count($free) * count($this->task->ways[$kind]));
        foreach ($free as $at => $slab) {
            foreach ($this->task->ways[$kind] as [$width, $height, $turned]) {
                $beside = $slab->width - $width;
                $below = $slab->height - $height;
                if ($beside < 0 || $below < 0 || ($beside > 0 && $beside < $narrowest) || ($below > 0 && $below < $narrowest)) {
                    continue;
                }
                $score = match ($rule) {
                    0 => $slab->width * $slab->height - $width * $height,
                    1 => min($beside, $below),
                    default => max($beside, $below),
                };
                if ($score < $least) {
                    $least = $score;
                    $best = [$at, $width, $height, $turned];
                }
            }
        }

        return $best;
    }

    private function besideFirst(Slab $slab, int $width, int $height, int $split): bool
    {
        $beside = $slab->width - $width;
        $below = $slab->height - $height;

        return match ($split) {
            0 => $beside >= $below,
            1 => $beside < $below,
            2 => $beside * $slab->height >= $slab->width * $below,
            default => $width * $below <= $beside * $height,
        };
    }

    /**
     * The first supply in the order of taking that has a sheet left and holds the kind.
     *
     * @param array<int, int> $taken
     */
    private function nextSheet(int $kind, array $taken): ?int
    {
        foreach ($this->order as $index) {
            $supply = $this->supplies[$index];
            if ($supply->isLeftover || ($supply->available !== null && $taken[$index] >= $supply->available)) {
                continue;
            }
            if ($this->bestSpot([new Slab(...$this->task->sheets[$index])], $kind, 0) !== null) {
                return $index;
            }
        }

        return null;
    }
}
