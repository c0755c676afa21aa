<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

use Ephemeron\Measure\Length;

/**
 * Sheets nested in each other. The outermost gives the first leaf and the last one, the innermost the two in the middle: leaf i and its
 * partner lie on opposite sides of it.
 */
final readonly class Signature
{
    /** @param list<Sheet> $sheets from the outermost in */
    public function __construct(public array $sheets)
    {
    }

    /** @return list<Leaf> in reading order */
    public function leaves(): array
    {
        $leaves = [];
        foreach ($this->sheets as $sheet) {
            $leaves[] = $sheet->front();
        }
        foreach (array_reverse($this->sheets) as $sheet) {
            $leaves[] = $sheet->back();
        }

        return array_values(array_filter($leaves));
    }

    /** @return list<int> for each leaf in reading order the sheet it is half of, from 0, the outermost */
    public function depths(): array
    {
        $fronts = array_filter($this->sheets, static fn (Sheet $sheet): bool => $sheet->front() !== null);
        $backs = array_filter($this->sheets, static fn (Sheet $sheet): bool => $sheet->back() !== null);

        return [...array_keys($fronts), ...array_reverse(array_keys($backs))];
    }

    /**
     * @param int $before faces that come before its first one
     * @return list<Opening>
     */
    public function openings(int $before = 0): array
    {
        $openings = [];
        $leaves = $this->leaves();
        foreach (array_slice($leaves, 1) as $index => $right) {
            $openings[] = new Opening($leaves[$index], $right, $before + 2 * $index + 2);
        }

        return $openings;
    }

    /**
     * How far a sheet stands out at the fore-edge because those around it push it out: about twice their thickness each (common practice,
     * no published source; pressed hard it is half of that).
     *
     * @param int $sheet from 0, the outermost
     */
    public function creep(int $sheet): Length
    {
        $out = Length::zero();
        foreach (array_slice($this->sheets, 0, $sheet) as $outer) {
            $out = $out->plus($outer->meeting->paper->stock->caliper->times(2));
        }

        return $out;
    }

    /** Pressed: every sheet twice, with what is folded over it. */
    public function thickness(): Length
    {
        $thick = Length::zero();
        foreach ($this->sheets as $sheet) {
            $layers = $sheet->isSingle() ? $sheet->meeting->layers() : 2 * $sheet->meeting->layers();
            $thick = $thick->plus($sheet->meeting->paper->stock->caliper->times($layers));
        }

        return $thick;
    }

    /**
     * The same signature with one sheet somewhere else; the others close up.
     *
     * @param int $from place of the sheet, from 0, the outermost
     * @param int $to where it goes
     *
     * @throws NoSuchSheet
     */
    public function moved(int $from, int $to): self
    {
        $sheets = $this->sheets;
        if (! isset($sheets[$from], $sheets[$to])) {
            throw new NoSuchSheet(isset($sheets[$from]) ? $to : $from, count($sheets));
        }
        [$sheet] = array_splice($sheets, $from, 1);
        array_splice($sheets, $to, 0, [$sheet]);

        return new self($sheets);
    }
}
