<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Paper\SheetSpot;
use Ephemeron\Paper\Side;

/** The print under a face, to be moved: “a little to the left” is another place of the sheet. */
final readonly class Motif
{
    /**
     * @param Crop $crop what one sees now
     * @param Place $place where the piece is cut now
     */
    public function __construct(public Crop $crop, public Place $place)
    {
    }

    /**
     * The place to cut from so that the motif lies so far further as the reader sees it; to the marks of the tool, and never beyond the
     * sheet.
     *
     * @param int $sheet which of the sheets, from 1
     */
    public function moved(Length $right, Length $down, ToolGrid $grid, int $sheet): SheetSpot
    {
        // The motif moves one way on the piece, so the piece moves the other way on the print.
        [$x, $y] = match ($this->crop->quarters) {
            1 => [self::back($down), $right],
            2 => [$right, $down],
            3 => [$down, self::back($right)],
            default => [self::back($right), self::back($down)],
        };
        $whole = $this->place->pattern->supply->sheet;
        $area = $this->place->area;

        return new SheetSpot(
            self::within(
                $area->left()->plus($this->crop->side === Side::A ? $x : self::back($x)),
                $whole->width,
                $area->width(),
                $grid,
            ),
            self::within($area->top()->plus($y), $whole->height, $area->height(), $grid),
            $sheet,
            $this->place->turned,
        );
    }

    private static function back(Length $length): Length
    {
        return Length::zero()->minus($length);
    }

    private static function within(Length $at, Length $whole, Length $size, ToolGrid $grid): Length
    {
        $most = $whole->minus($size);
        $at = $at->isPositive() ? $grid->nearest($at) : Length::zero();

        return $at->isMoreThan($most) ? $most : $at;
    }
}
