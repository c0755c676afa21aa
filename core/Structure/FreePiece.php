<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Refusal;

/**
 * One blank of a free base: `Flap: 8 + 1/2* × 8; 2 pieces; cut away 1-1; on Base 1-3 back`.
 */
final readonly class FreePiece
{
    public const MOST_PIECES = 50;

    /** @param array{string, int, int, Side}|null $onto piece, column, row and side it is glued to */
    public function __construct(
        public string $name,
        public FreePanels $columns,
        public FreePanels $rows,
        public FreeCells $cutAway,
        public int $count = 1,
        public ?array $onto = null,
    ) {
        $cutAway->within($columns->count(), $rows->count());
        for ($column = 1; $column <= $columns->count(); $column++) {
            for ($row = 1; $row <= $rows->count(); $row++) {
                if (! $cutAway->has($column, $row)) {
                    return;
                }
            }
        }

        throw UnreadableLayout::nothingLeft($name);
    }

    /** @throws Refusal */
    public static function parse(string $line, Unit $unit): self
    {
        $parts = array_map(trim(...), explode(';', $line));
        if (preg_match('/^([^:;]{1,40}):([^×x]+)[×x]([^×x]+)$/u', $parts[0], $found) !== 1) {
            throw UnreadableLayout::piece($line);
        }
        $count = 1;
        $cutAway = FreeCells::parse('');
        $onto = null;
        foreach (array_slice($parts, 1) as $part) {
            if (preg_match('/^(\d{1,2}) pieces?$/', $part, $is) === 1 && (int) $is[1] >= 1 && (int) $is[1] <= self::MOST_PIECES) {
                $count = (int) $is[1];
            } elseif (preg_match('/^cut away (.+)$/', $part, $is) === 1) {
                $cutAway = FreeCells::parse($is[1]);
            } elseif (preg_match('/^on (.+) (\d{1,2})-(\d{1,2}) (front|back)$/u', $part, $is) === 1) {
                $onto = [trim($is[1]), (int) $is[2], (int) $is[3], $is[4] === 'front' ? Side::A : Side::B];
            } elseif ($part !== '') {
                throw UnreadableLayout::piece($line);
            }
        }

        return new self(trim($found[1]), FreePanels::parse($found[2], $unit), FreePanels::parse($found[3], $unit), $cutAway, $count, $onto);
    }

    /** Where it lies when the areas of the base are counted anew. */
    public function shifted(AreaShift $shift): self
    {
        if ($this->onto === null) {
            return $this;
        }
        [$name, $column, $row, $side] = $this->onto;
        $onto = [$name, $shift->across ? $shift->of($column) : $column, $shift->across ? $row : $shift->of($row), $side];

        return new self($this->name, $this->columns, $this->rows, $this->cutAway, $this->count, $onto);
    }

    public function key(): string
    {
        $slug = trim(preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($this->name)) ?? '', '-');

        return $slug === '' ? 'piece' : $slug;
    }

    public function grid(): PanelGrid
    {
        return new PanelGrid($this->columns->numbered('c'), $this->rows->numbered('r'));
    }

    public function size(): Size
    {
        return $this->grid()->size();
    }

    public function cell(int $column, int $row): Rectangle
    {
        return $this->grid()->area("c{$column}", "r{$row}");
    }

    /** @return list<array{int, int}> column and row of what is left, row by row */
    public function cells(FreeLines $lines): array
    {
        $cells = [];
        for ($row = 1; $row <= $this->rows->count(); $row++) {
            for ($column = 1; $column <= $this->columns->count(); $column++) {
                if (! $this->cutAway->has($column, $row) && ! $lines->takes($this->cell($column, $row))) {
                    $cells[] = [$column, $row];
                }
            }
        }

        return $cells;
    }

    /** @return list<Crease> the scores from edge to edge */
    public function creases(): array
    {
        $creases = [];
        foreach ([[Axis::Width, $this->columns], [Axis::Height, $this->rows]] as [$along, $panels]) {
            $at = Length::zero();
            foreach ($panels->folds as $index => $fold) {
                $at = $at->plus($panels->lengths[$index]);
                if ($fold !== null) {
                    $creases[] = Crease::across($this->size(), $along, $at, $fold);
                }
            }
        }

        return $creases;
    }

    /** @return list<Panel> named by column and row as they are typed: area 2-1 */
    public function panels(): array
    {
        $panels = [];
        foreach (array_keys($this->rows->lengths) as $row) {
            foreach (array_keys($this->columns->lengths) as $column) {
                [$across, $down] = [$column + 1, $row + 1];
                $panels[] = new Panel($this->panelKey($across, $down), "area {$across}-{$down}", $this->cell($across, $down));
            }
        }

        return $panels;
    }

    /** Key of a panel in the part that is made of it. */
    public function panelKey(int $column, int $row): string
    {
        return "c{$column}-r{$row}";
    }

    public function written(Unit $unit): string
    {
        return implode('; ', [
            "{$this->name}: {$this->columns->written($unit)} × {$this->rows->written($unit)}",
            ...($this->count > 1 ? ["{$this->count} pieces"] : []),
            ...($this->cutAway->ranges === [] ? [] : ["cut away {$this->cutAway->written()}"]),
            ...($this->onto === null ? [] : [
                sprintf('on %s %d-%d %s', $this->onto[0], $this->onto[1], $this->onto[2], $this->onto[3] === Side::A ? 'front' : 'back'),
            ]),
        ]);
    }
}
