<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

/** Areas of a blank by column and row: `1-1, 4-1..5-2`; a range is one area. */
final readonly class FreeCells
{
    /** @param list<array{int, int, int, int}> $ranges first and last column, first and last row, from 1 */
    private function __construct(public array $ranges)
    {
    }

    /** @throws UnreadableLayout */
    public static function parse(string $text): self
    {
        $ranges = [];
        foreach (preg_split('/[,\s]+/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $cell) {
            if (preg_match('/^(\d{1,2})-(\d{1,2})(?:\.\.(\d{1,2})-(\d{1,2}))?$/', $cell, $found) !== 1) {
                throw UnreadableLayout::cells($text);
            }
            [$column, $row] = [(int) $found[1], (int) $found[2]];
            [$toColumn, $toRow] = [(int) ($found[3] ?? $column), (int) ($found[4] ?? $row)];
            if ($toColumn < $column || $toRow < $row || $column < 1 || $row < 1) {
                throw UnreadableLayout::cells($text);
            }
            $ranges[] = [$column, $toColumn, $row, $toRow];
        }

        return new self($ranges);
    }

    /** One area more, or one less: a range it was part of stays as what is left of it. */
    public function toggled(int $column, int $row): self
    {
        if (! $this->has($column, $row)) {
            return new self([...$this->ranges, [$column, $column, $row, $row]]);
        }
        $ranges = [];
        foreach ($this->ranges as [$from, $to, $top, $bottom]) {
            if ($column < $from || $column > $to || $row < $top || $row > $bottom) {
                $ranges[] = [$from, $to, $top, $bottom];

                continue;
            }
            foreach (range($top, $bottom) as $down) {
                foreach (range($from, $to) as $across) {
                    $across === $column && $down === $row ? null : $ranges[] = [$across, $across, $down, $down];
                }
            }
        }

        return new self($ranges);
    }

    /** As they are called when the areas of the base are counted anew: a range keeps all that it covered. */
    public function shifted(AreaShift $shift): self
    {
        $last = static fn (int $at): int => $shift->of($at) + ($shift->more > 0 && $at === $shift->panel ? $shift->more : 0);

        return new self(array_map(static fn (array $range): array => $shift->across
            ? [$shift->of($range[0]), $last($range[1]), $range[2], $range[3]]
            : [$range[0], $range[1], $shift->of($range[2]), $last($range[3])], $this->ranges));
    }

    /** @throws UnreadableLayout when one lies outside */
    public function within(int $columns, int $rows): self
    {
        foreach ($this->ranges as [$column, $toColumn, $row, $toRow]) {
            if ($toColumn > $columns || $toRow > $rows) {
                throw UnreadableLayout::noSuchCell("{$toColumn}-{$toRow}", $columns, $rows);
            }
        }

        return $this;
    }

    public function has(int $column, int $row): bool
    {
        foreach ($this->ranges as [$from, $to, $top, $bottom]) {
            if ($column >= $from && $column <= $to && $row >= $top && $row <= $bottom) {
                return true;
            }
        }

        return false;
    }

    public function written(): string
    {
        return implode(', ', array_map(
            static fn (array $range): string => $range[0] === $range[1] && $range[2] === $range[3] ? "{$range[0]}-{$range[2]}"
                : "{$range[0]}-{$range[2]}..{$range[1]}-{$range[3]}",
            $this->ranges,
        ));
    }
}
