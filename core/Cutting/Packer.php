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
        $spots = new Spots($this->task, $rule, $this->effort);
        foreach ($begun as [, $slab]) {
            $spots->open(...$slab->free());
        }
        $taken = array_fill(0, count($this->supplies), 0);
        foreach ([...$begun, ...$full] as [$supply]) {
            $taken[$supply]++;
        }
        foreach ($this->supplies as $index => $supply) {
            for ($k = $taken[$index]; $supply->isLeftover && $k < ($supply->available ?? 0); $k++) {
                $sheets[] = [$index, $slab = new Slab(...$this->task->sheets[$index])];
                $spots->open($slab);
                $taken[$index]++;
            }
        }
        $missing = [];
        $begunSheets = count(array_filter([...$sheets, ...$full], fn (array $sheet): bool => ! $this->supplies[$sheet[0]]->isLeftover));
        // What lies is made anew for every piece, and weighed in the end.
        $this->effort->spend(120 * count($sequence) + 50 * count($sheets) + 20 * count($full));
        foreach ($sequence as $kind) {
            $spot = $spots->take($kind);
            if ($spot === null && $begunSheets < $most) {
                $sheet = $this->nextSheet($kind, $taken);
                if ($sheet !== null) {
                    $sheets[] = [$sheet, $slab = new Slab(...$this->task->sheets[$sheet])];
                    $spots->open($slab);
                    $taken[$sheet]++;
                    $begunSheets++;
                    $spot = $spots->take($kind);
                }
            }
            if ($spot === null) {
                $missing[$kind] = ($missing[$kind] ?? 0) + 1;

                continue;
            }
            [$slab, $width, $height, $turned] = $spot;
            $spots->open(...$slab->place($kind, $width, $height, $turned, $this->besideFirst($slab, $width, $height, $split)));
        }

        return new Packing(
            $this->task,
            $this->supplies,
            [...$full, ...array_values(array_filter($sheets, static fn (array $sheet): bool => ! $sheet[1]->isFree()))],
            $missing,
        );
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
            if ($this->comesOut($kind, ...$this->task->sheets[$index])) {
                return $index;
            }
        }

        return null;
    }

    private function comesOut(int $kind, int $width, int $height): bool
    {
        foreach ($this->task->ways[$kind] as [$w, $h]) {
            if ($this->task->isClean($width - $w) && $this->task->isClean($height - $h)) {
                return true;
            }
        }

        return false;
    }
}
