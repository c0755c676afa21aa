<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * How a sheet meets the template: first by height, then by width. What is folded over is a pocket or a flap and is folded a hair short of
 * the template, because the fold itself adds height, and a touch short at the fore-edge, for safety (common practice, no published source;
 * 1⁄16 in and ⅛ in, in the metric school 1 and 2 mm, are this tool's own).
 */
final readonly class Meeting
{
    /**
     * @param Size $blank the sheet as it is cut, before it is folded
     * @param Size $open as it lies in the signature, its spine not yet folded
     * @param Length $turned what is folded over in height, zero for none
     * @param Length $inward what is folded in at the fore-edge of its second half, zero for none
     * @param Length $top from the template's head to the sheet's
     * @param Length|null $strip breadth of the strip that carries a single leaf, null for what is folded itself
     */
    private function __construct(
        public LeafPaper $paper,
        public HeightWay $height,
        public WidthWay $width,
        public Size $blank,
        public Size $open,
        public Length $turned,
        public Length $inward,
        public Length $top,
        public ?Length $strip,
    ) {
    }

    /**
     * @param HeightWay|null $height null: as the school has it; a sheet that is not too tall fits whatever is wished
     * @param WidthWay|null $width the same
     */
    public static function of(
        LeafPaper $paper,
        Template $template,
        MeetingSchool $school,
        ?HeightWay $height = null,
        ?WidthWay $width = null,
        Seat $seat = Seat::Middle,
    ): self {
        $open = $template->open();
        $tall = $paper->stock->sheet->height->minus($open->height);
        $heightWay = $paper->isMade ? HeightWay::Fits : self::heightWay($tall, $open->height, $school, $height);
        $fold = $open->height->minus($school->hair);
        $turned = $heightWay->isFolded() ? $paper->stock->sheet->height->minus($fold) : Length::zero();
        $height = match (true) {
            $heightWay->isFolded() => $fold,
            $heightWay === HeightWay::Trimmed => $open->height,
            default => $paper->stock->sheet->height,
        };
        $wide = $paper->stock->sheet->width->minus($open->width);
        $widthWay = $paper->isMade ? WidthWay::Fits : self::widthWay($wide, $template->leaf->width, $school, $width);
        $edge = $open->width->minus($school->touch);
        $inward = $widthWay->isFolded() ? $paper->stock->sheet->width->minus($edge) : Length::zero();
        $width = match (true) {
            $widthWay->isFolded() => $edge,
            $widthWay === WidthWay::Trimmed => $open->width,
            default => $paper->stock->sheet->width,
        };
        $spare = $open->height->minus($height);

        return new self(
            $paper,
            $heightWay,
            $widthWay,
            new Size(
                $widthWay->isFolded() ? $paper->stock->sheet->width : $width,
                $heightWay->isFolded() ? $paper->stock->sheet->height : $height,
            ),
            new Size($width, $height),
            $turned,
            $inward,
            match (true) {
                $heightWay->isFolded() || $seat === Seat::Foot => $spare,
                $seat === Seat::Middle => $spare->half(),
                default => Length::zero(),
            },
            $widthWay === WidthWay::Strip ? $school->strip : null,
        );
    }

    /** More than the template is: it shows beyond the cover. */
    public function standsOutOf(Template $template): bool
    {
        return $this->open->height->isMoreThan($template->leaf->height) || $this->open->width->isMoreThan($template->open()->width);
    }

    /** Something is cut off it. */
    public function isCut(): bool
    {
        return ! $this->blank->equals($this->paper->stock->sheet);
    }

    /** A pocket open where nothing closes it; null where nothing is folded to one. */
    public function opening(): ?Edge
    {
        return match (true) {
            $this->height === HeightWay::FoldedUp => Edge::Top,
            $this->height === HeightWay::FoldedDown => Edge::Bottom,
            $this->width === WidthWay::Pocket => Edge::Left,
            default => $this->paper->bag,
        };
    }

    public function hasPocket(): bool
    {
        return $this->opening() !== null;
    }

    /** Layers of paper in a leaf with what is folded over it: 1 to 4. */
    public function layers(): int
    {
        return ($this->paper->bag === null ? 1 : 2) * ($this->height->isFolded() ? 2 : 1) + ($this->width->isFolded() ? 1 : 0);
    }

    private static function heightWay(Length $tall, Length $room, MeetingSchool $school, ?HeightWay $wished): HeightWay
    {
        if (! $tall->isPositive()) {
            return HeightWay::Fits;
        }
        $way = $wished === null || $wished === HeightWay::Fits
            ? ($tall->isAtLeast($school->foldFrom) ? HeightWay::FoldedUp : HeightWay::Trimmed)
            : $wished;

        // Folded over it may not reach beyond the other edge.
        return $way->isFolded() && $tall->plus($school->hair)->isAtLeast($room) ? HeightWay::Trimmed : $way;
    }

    private static function widthWay(Length $wide, Length $leaf, MeetingSchool $school, ?WidthWay $wished): WidthWay
    {
        if ($leaf->isAtLeast($wide->plus($leaf->times(2)))) {
            return WidthWay::Strip;
        }
        if (! $wide->isPositive()) {
            return WidthWay::Fits;
        }
        $way = in_array($wished, [WidthWay::Trimmed, WidthWay::Flap, WidthWay::Pocket], true) ? $wished
            : ($wide->isAtLeast($school->foldFrom) ? WidthWay::Flap : WidthWay::Trimmed);

        return $way->isFolded() && $wide->plus($school->touch)->isAtLeast($leaf) ? WidthWay::Trimmed : $way;
    }
}
