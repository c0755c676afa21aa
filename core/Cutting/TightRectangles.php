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
    /**
     * @param int $width of the sheet
     * @param Measured $task that the pieces are of
     */
    public function __construct(private int $width, private int $height, private Measured $task, private Effort $effort)
    {
    }

    /**
     * Whether pieces that these rectangles hold leave no strip beside or below them that is too narrow to come off, be it in a larger one.
     * That no larger ones are kept does not matter: pieces of no way of cutting take more of a line than is usable of it.
     *
     * @param list<int> $rectangles
     * @param \Closure(): list<int> $kinds of the pieces
     */
    public function comeOff(array $rectangles, \Closure $kinds): bool
    {
        if ($rectangles === [] || $this->clean($rectangles) !== null) {
            return $rectangles !== [];
        }
        [$wide, $tall] = [[], []];
        foreach ($kinds() as $kind) {
            foreach ($this->task->ways[$kind] as [$width, $height]) {
                $wide[$width] = ($wide[$width] ?? 0) + 1;
                $tall[$height] = ($tall[$height] ?? 0) + 1;
            }
        }
        $usable = [
            (new UsableSide($wide, $this->task->narrowest))->of($this->width),
            (new UsableSide($tall, $this->task->narrowest))->of($this->height),
        ];
        for ($i = 0, $n = count($rectangles); $i < $n; $i += 2) {
            if ($rectangles[$i] <= $usable[0] && $rectangles[$i + 1] <= $usable[1]) {
                return true;
            }
        }

        return false;
    }

    /**
     * The first that leaves nothing beside and below it, or what comes off.
     *
     * @param list<int> $rectangles
     * @return array{int, int}|null width and height
     */
    public function clean(array $rectangles): ?array
    {
        for ($i = 0, $n = count($rectangles); $i < $n; $i += 2) {
            if ($this->task->isClean($this->width - $rectangles[$i]) && $this->task->isClean($this->height - $rectangles[$i + 1])) {
                return [$rectangles[$i], $rectangles[$i + 1]];
            }
        }

        return null;
    }

    /**
     * A piece as it may lie.
     *
     * @return list<int> none where it does not fit the sheet
     */
    public function ofPiece(int $kind): array
    {
        $least = [];
        foreach ($this->task->ways[$kind] as [$width, $height]) {
            if ($width <= $this->width && $height <= $this->height) {
                $least[$width] = $height;
            }
        }

        return $this->smallest($least);
    }

    /**
     * Of what stands side by side the taller one says how tall both are: the next narrower both together are is with the next lower one in
     * its place; below each other likewise. So as many are looked at as there are of both, not as there are pairs. (L. Stockmeyer,
     * Information and Control 57, 1983; cited from memory.)
     *
     * @param list<int> $these
     * @param list<int> $those
     * @param array<int, int> $least height by width; what is found is put in
     */
    public function join(array $these, array $those, array &$least): void
    {
        [$m, $n] = [count($these), count($those)];
        $this->effort->spend(8 + $m + $n);
        for ($i = 0, $j = 0; $i < $m && $j < $n;) {
            $beside = $these[$i] + $those[$j];
            if ($beside > $this->width) {
                break;
            }
            $h = $these[$i + 1];
            $k = $those[$j + 1];
            $tall = $h > $k ? $h : $k;
            if ($tall < ($least[$beside] ?? PHP_INT_MAX)) {
                $least[$beside] = $tall;
            }
            $i += $h === $tall ? 2 : 0;
            $j += $k === $tall ? 2 : 0;
        }
        for ($i = $m - 2, $j = $n - 2; $i >= 0 && $j >= 0;) {
            $below = $these[$i + 1] + $those[$j + 1];
            if ($below > $this->height) {
                break;
            }
            $w = $these[$i];
            $v = $those[$j];
            $wide = $w > $v ? $w : $v;
            if ($below < ($least[$wide] ?? PHP_INT_MAX)) {
                $least[$wide] = $below;
            }
            $i -= $w === $wide ? 2 : 0;
            $j -= $v === $wide ? 2 : 0;
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
