<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Design\Values;
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
    private function __construct(
        public FreePanels $columns,
        public FreePanels $rows,
        public FreeCells $cutAway,
        public FreePieces $pieces,
        public FreeLines $lines,
        private Unit $unit,
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
        return new self($this->columns, $this->rows, $this->cutAway->toggled($column, $row), $this->pieces, $this->lines, $this->unit);
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

        return new self($this->columns, $this->rows, $this->cutAway, FreePieces::parse($text, $this->unit), $this->lines, $this->unit);
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
        $read = FreeLines::parse($lines, $this->unit);

        return new self($this->columns, $this->rows, $this->cutAway, $this->pieces, $read, $this->unit);
    }

    /** @return array<string, string> what to change in its design, by place */
    public function changes(): array
    {
        return [
            'parameters.columns' => $this->columns->written($this->unit),
            'parameters.rows' => $this->rows->written($this->unit),
            'parameters.cut-away' => $this->cutAway->written(),
            'parameters.pieces' => $this->pieces->written($this->unit),
            'parameters.lines' => $this->lines->written($this->unit),
        ];
    }

    /**
     * @param int|null $panel that was split, or the first of those that were joined
     * @param int $more 1 or -1
     */
    private function with(Axis $along, FreePanels $panels, ?int $panel = null, int $more = 0): self
    {
        $across = $along === Axis::Width;

        return new self(
            $across ? $panels : $this->columns,
            $across ? $this->rows : $panels,
            $panel === null ? $this->cutAway : $this->cutAway->shifted($across, $panel, $more),
            $panel === null ? $this->pieces : $this->pieces->shifted($across, $panel, $more),
            $this->lines,
            $this->unit,
        );
    }
}
