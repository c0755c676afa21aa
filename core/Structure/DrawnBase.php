<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;

/** A free base as it is drawn by hand, line by line; each change gives another. What lies on an area goes with it. */
final readonly class DrawnBase
{
    /** @param list<AreaShift> $shifts how its areas were counted anew since it was read, one after the other */
    private function __construct(
        public FreePanels $columns,
        public FreePanels $rows,
        public FreeCells $cutAway,
        public FreePieces $pieces,
        public FreeLines $lines,
        private Unit $unit,
        private array $shifts = [],
    ) {
    }

    /** @throws \Ephemeron\Refusal where its texts cannot be read */
    public static function of(Values $values, Unit $unit): self
    {
        return new self(
            FreePanels::parse($values->text('columns'), $unit),
            FreePanels::parse($values->text('rows'), $unit),
            FreeCells::parse($values->text('cut-away')),
            FreePieces::parse($values->text('pieces'), $unit),
            FreeLines::parse($values->text('lines'), $unit),
            $unit,
        );
    }

    /** A whole sheet with nothing on it: no score, nothing cut away, no piece. */
    public function blank(Size $sheet): self
    {
        $written = static fn (Length $length, Unit $unit): FreePanels => FreePanels::parse(Notation::usual($unit)->exact($length), $unit);

        return $this->having(
            $written($sheet->width, $this->unit),
            $written($sheet->height, $this->unit),
            FreeCells::parse(''),
            FreePieces::parse('', $this->unit),
            FreeLines::parse('', $this->unit),
        );
    }

    /** @return Rectangle where an area lies on the blank, by column and row from 1 */
    public function area(int $column, int $row): Rectangle
    {
        return $this->piece()->cell($column, $row);
    }

    /** @param Axis $along the width: a score that runs from the head to the foot */
    public function panels(Axis $along): FreePanels
    {
        return $along === Axis::Width ? $this->columns : $this->rows;
    }

    /**
     * One score more.
     *
     * @throws UnreadableLayout
     */
    public function scored(Axis $along, Length $at, ?Fold $fold): self
    {
        $panel = $this->panels($along)->panelAt($at) ?? throw UnreadableLayout::noPlaceForAScore();

        return $this->with($along, $this->panels($along)->split($at, $fold), $panel, 1);
    }

    /**
     * Where a hand meant to press: on the half or a third of the blank, or as far from one end as a score is from the other, where that is
     * near; else on a mark of the tool.
     */
    public function meant(Axis $along, Length $pressed, ToolGrid $grid): Length
    {
        $panels = $this->panels($along);
        $total = $panels->total();
        $near = $grid->step()->times(2);
        $places = [
            ...array_map(static fn (Length $score): Length => $total->minus($score), $panels->scores()),
            $total->half(),
            $total->portion(1, 3),
            $total->portion(2, 3),
        ];
        foreach ($places as $place) {
            $off = Length::longest($place->minus($pressed), $pressed->minus($place));
            if (! $off->isMoreThan($near) && $panels->panelAt($place) !== null) {
                return $place;
            }
        }

        return $grid->nearest($pressed);
    }

    /**
     * Where a corner that is pressed belongs: on rims and scores, in the middle of a panel, at halves, thirds and quarters of the blank,
     * and each distance that is used already from each rim and score.
     *
     * @return list<Length> each once, in order
     */
    public function places(Axis $along): array
    {
        $panels = $this->panels($along);
        $total = $panels->total();
        $lines = [Length::zero(), ...$panels->scores(), $total];
        $places = [...$lines, $total->portion(1, 4), $total->portion(1, 3), $total->half(), $total->portion(2, 3), $total->portion(3, 4)];
        $used = [];
        foreach ($panels->lengths as $index => $length) {
            $places[] = $lines[$index]->plus($length->half());
            $used[$length->ticks] = $length;
        }
        foreach ($this->lines->lines as $line) {
            foreach ($line->points as $point) {
                $at = $along === Axis::Width ? $point->x : $point->y;
                $used[$at->ticks] = $at;
            }
        }
        foreach ($lines as $line) {
            foreach ($used as $distance) {
                array_push($places, $line->plus($distance), $line->minus($distance));
            }
        }
        $within = array_column(array_filter(
            $places,
            static fn (Length $at): bool => ! $at->isLessThan(Length::zero()) && ! $at->isMoreThan($total),
        ), null, 'ticks');
        ksort($within);

        return array_values($within);
    }

    /** @return list<Length> the marks of the tool from one end of the blank to the other */
    public function marks(Axis $along, ToolGrid $grid): array
    {
        return array_map($grid->step()->times(...), range(0, $this->panels($along)->total()->holds($grid->step())));
    }

    /** @return list<ScoreOffMark> scores a hair off a mark of the tool, see {@see ToolGrid::mended()} */
    public function offMarks(ToolGrid $grid): array
    {
        $off = [];
        foreach (Axis::cases() as $along) {
            foreach ($this->panels($along)->scores() as $index => $at) {
                if (! $grid->mended($at)->equals($at)) {
                    $off[] = new ScoreOffMark($along, $index + 1, $at, $grid->mended($at));
                }
            }
        }

        return $off;
    }

    /**
     * All that lies a hair off a mark on it: scores, rims, the corners of lines.
     *
     * @throws UnreadableLayout
     */
    public function onMarks(ToolGrid $grid): self
    {
        $base = array_reduce(
            $this->offMarks($grid),
            static fn (self $base, ScoreOffMark $off): self => $base->moved($off->along, $off->number, $off->mark),
            $this,
        );
        foreach (Axis::cases() as $along) {
            $base = $base->inAll($along, $grid->mended($base->panels($along)->total()));
        }

        return $base->having(lines: $this->lines->mended($grid));
    }

    /** Whether anything lies a hair off a mark and can be put on it: lines closer than that would fall on each other. */
    public function isOffMarks(ToolGrid $grid): bool
    {
        try {
            return $this->onMarks($grid)->changes() !== $this->changes();
        } catch (UnreadableLayout) {
            return false;
        }
    }

    /** @return list<string> what is left of the blank, column and row, row by row: `2-1` */
    public function areas(): array
    {
        return array_map(static fn (array $cell): string => "{$cell[0]}-{$cell[1]}", $this->piece()->cells($this->lines));
    }

    /**
     * The same score from the other end.
     *
     * @param int $score from 1
     *
     * @throws UnreadableLayout
     */
    public function mirrored(Axis $along, int $score): self
    {
        $panels = $this->panels($along);
        $at = $panels->scores()[$score - 1] ?? throw UnreadableLayout::noPlaceForAScore();

        return $this->scored($along, $panels->total()->minus($at), $panels->folds[$score - 1]);
    }

    /** @throws UnreadableLayout */
    public function moved(Axis $along, int $score, Length $to): self
    {
        return $this->with($along, $this->panels($along)->moved($score, $to));
    }

    /** @throws UnreadableLayout */
    public function folding(Axis $along, int $score, ?Fold $fold): self
    {
        return $this->with($along, $this->panels($along)->folding($score, $fold));
    }

    /** @throws UnreadableLayout */
    public function joined(Axis $along, int $score): self
    {
        return $this->with($along, $this->panels($along)->joined($score), $score, -1);
    }

    public function tabbed(Axis $along, int $panel): self
    {
        return $this->with($along, $this->panels($along)->tabbed($panel));
    }

    /** @throws UnreadableLayout */
    public function inAll(Axis $along, Length $total): self
    {
        return $this->with($along, $this->panels($along)->inAll($total));
    }

    /** An area cut away, or there again. */
    public function cut(int $column, int $row): self
    {
        return $this->having(cutAway: $this->cutAway->toggled($column, $row));
    }

    /**
     * A piece more, glued onto an area.
     *
     * @throws \Ephemeron\Refusal where there is one of its name, or too many
     */
    public function glued(string $name, Size $size, int $column, int $row, Side $side): self
    {
        $notation = Notation::usual($this->unit);
        $line = sprintf(
            '%s: %s × %s; on Base %d-%d %s',
            $name,
            $notation->exact($size->width),
            $notation->exact($size->height),
            $column,
            $row,
            $side === Side::A ? 'front' : 'back',
        );
        $text = trim($this->pieces->written($this->unit)."\n{$line}");

        return $this->having(pieces: FreePieces::parse($text, $this->unit));
    }

    /**
     * A slanted score, one that stops half way, a slit, or what is cut away by its corners.
     *
     * @param string $corners across × down from the upper left corner: `2 × 0 to 2 × 1 1/2`
     *
     * @throws \Ephemeron\Refusal
     */
    public function lined(FreeLineKind $kind, string $corners): self
    {
        return $this->withLines(trim($this->lines->written($this->unit)."\n{$kind->value}: {$corners}"));
    }

    /** Without one of those lines, by its number from 1. */
    public function unlined(int $line): self
    {
        $lines = explode("\n", $this->lines->written($this->unit));
        unset($lines[$line - 1]);

        return $this->withLines(implode("\n", $lines));
    }

    private function withLines(string $lines): self
    {
        return $this->having(lines: FreeLines::parse($lines, $this->unit));
    }

    /**
     * What to change in its design, by place. What lies on a face that is called otherwise now goes with it; of two areas that have
     * become one the first keeps its mats.
     *
     * @param array<string, mixed> $design as its file writes it
     * @return array<string, mixed>
     */
    public function changes(array $design = []): array
    {
        $changes = [
            'parameters.columns' => $this->columns->written($this->unit),
            'parameters.rows' => $this->rows->written($this->unit),
            'parameters.cut-away' => $this->cutAway->written(),
            'parameters.pieces' => $this->pieces->written($this->unit),
            'parameters.lines' => $this->lines->written($this->unit),
        ];
        foreach (self::under($design, 'things') as $key => $thing) {
            $on = is_array($thing) ? $thing['on'] ?? null : null;
            if (is_string($on) && $this->nowCalled($on) !== $on) {
                $changes["things.{$key}.on"] = $this->nowCalled($on);
            }
        }

        return [
            ...$changes,
            ...$this->calledAnew('mats.faces.', self::under(self::under($design, 'mats'), 'faces')),
            ...$this->calledAnew('choices.', self::under($design, 'choices')),
        ];
    }

    /**
     * @param array<array-key, mixed> $said by key of a face or of a mat
     * @return array<string, mixed>
     */
    private function calledAnew(string $place, array $said): array
    {
        $changes = [];
        foreach ($said as $key => $what) {
            $now = $this->nowCalled((string) $key);
            if ($now !== (string) $key) {
                $changes["{$place}{$key}"] ??= null;
                $changes["{$place}{$now}"] ??= $what;
            }
        }
        foreach ($said as $key => $what) {
            if ($this->nowCalled((string) $key) === (string) $key && array_key_exists("{$place}{$key}", $changes)) {
                $changes["{$place}{$key}"] = $what;
            }
        }

        return $changes;
    }

    /**
     * @param array<array-key, mixed> $design
     * @return array<array-key, mixed>
     */
    private static function under(array $design, string $key): array
    {
        return is_array($design[$key] ?? null) ? $design[$key] : [];
    }

    private function piece(): FreePiece
    {
        return new FreePiece('Base', $this->columns, $this->rows, $this->cutAway);
    }

    private function nowCalled(string $key): string
    {
        return array_reduce($this->shifts, static fn (string $is, AreaShift $shift): string => $shift->key($is), $key);
    }

    /**
     * @param int|null $panel that was split, or the first of those that were joined
     * @param int $more 1 or -1
     */
    private function with(Axis $along, FreePanels $panels, ?int $panel = null, int $more = 0): self
    {
        $across = $along === Axis::Width;
        $moved = $across ? $this->having(columns: $panels) : $this->having(rows: $panels);
        if ($panel === null) {
            return $moved;
        }
        $shift = new AreaShift($across, $panel, $more);

        return $moved->having(
            cutAway: $this->cutAway->shifted($shift),
            pieces: $this->pieces->shifted($shift),
            shifts: [...$this->shifts, $shift],
        );
    }

    /** @param list<AreaShift>|null $shifts */
    private function having(
        ?FreePanels $columns = null,
        ?FreePanels $rows = null,
        ?FreeCells $cutAway = null,
        ?FreePieces $pieces = null,
        ?FreeLines $lines = null,
        ?array $shifts = null,
    ): self {
        return new self(
            $columns ?? $this->columns,
            $rows ?? $this->rows,
            $cutAway ?? $this->cutAway,
            $pieces ?? $this->pieces,
            $lines ?? $this->lines,
            $this->unit,
            $shifts ?? $this->shifts,
        );
    }
}
