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

    /**
     * As they are called when a panel has become two, or two have become one: a range keeps all that it covered.
     *
     * @param int $panel the panel that was split, or the first of those that were joined
     * @param int $more 1 or -1
     */
    public function shifted(bool $across, int $panel, int $more): self
    {
        $first = static fn (int $at): int => $at > $panel ? $at + $more : $at;
        $last = static fn (int $at): int => $at > $panel || ($more > 0 && $at === $panel) ? $at + $more : $at;

        return new self(array_map(static fn (array $range): array => $across
            ? [$first($range[0]), $last($range[1]), $range[2], $range[3]]
            : [$range[0], $range[1], $first($range[2]), $last($range[3])], $this->ranges));
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
