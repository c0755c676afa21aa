<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * The smallest rectangles that hold pieces, put together from those of two parts of them, side by side or one below the other. Whatever is
 * cut from edge to edge falls into two parts that are cut so themselves, so that none is missed. (Bottom-up enumeration of guillotine
 * builds after P. Y. Wang, Operations Research 31, 1983; cited from memory.)
 *
 * Rectangles are a list of widths and heights, alternating, the narrower ones first; none is within another.
 */
final readonly class TightRectangles
{
    /** Nothing else comes beside what is wider than this: it is just as wide as the sheet, or what is left is too narrow to come off. */
    private int $widest;

    private int $tallest;

    /**
     * @param int $width of the sheet
     * @param int $narrowest strip that comes off; no piece is narrower
     */
    public function __construct(private int $width, private int $height, int $narrowest, private Effort $effort)
    {
        $this->widest = $width - $narrowest;
        $this->tallest = $height - $narrowest;
    }

    /**
     * A piece as it may lie.
     *
     * @return list<int> none where it does not fit the sheet
     */
    public function ofPiece(Measured $task, int $kind): array
    {
        $least = [];
        foreach ($task->ways[$kind] as [$width, $height]) {
            if (($width <= $this->widest || $width === $this->width) && ($height <= $this->tallest || $height === $this->height)) {
                $least[$width] = $height;
            }
        }

        return $this->smallest($least);
    }

    /**
     * @param list<int> $these
     * @param list<int> $those
     * @param array<int, int> $least height by width; what is found is put in
     */
    public function join(array $these, array $those, array &$least): void
    {
        [$m, $n] = [count($these), count($those)];
        $this->effort->spend(8 + 3 * ($m * $n >> 1));
        for ($i = 0; $i < $m; $i += 2) {
            [$w, $h] = [$these[$i], $these[$i + 1]];
            for ($j = 0; $j < $n; $j += 2) {
                $beside = $w + $those[$j];
                $tall = max($h, $those[$j + 1]);
                if (($beside <= $this->widest || $beside === $this->width) && $tall < ($least[$beside] ?? PHP_INT_MAX)) {
                    $least[$beside] = $tall;
                }
                $below = $h + $those[$j + 1];
                $wide = max($w, $those[$j]);
                if (($below <= $this->tallest || $below === $this->height) && $below < ($least[$wide] ?? PHP_INT_MAX)) {
                    $least[$wide] = $below;
                }
            }
        }
    }

    /**
     * Those that no other one is within.
     *
     * @param array<int, int> $least height by width
     * @return list<int>
     */
    public function smallest(array $least): array
    {
        ksort($least);
        $rectangles = [];
        $lowest = PHP_INT_MAX;
        foreach ($least as $width => $height) {
            if ($height < $lowest) {
                $rectangles[] = $width;
                $rectangles[] = $height;
                $lowest = $height;
            }
        }

        return $rectangles;
    }
}
