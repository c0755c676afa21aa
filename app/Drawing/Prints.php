<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Drawer\PaperPicture;
use App\Drawer\Pictures;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Part;
use Ephemeron\Fit\Layout;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Ephemeron\Papering\Crop;
use Ephemeron\Papering\Crops;
use Ephemeron\WorkPlan;

/** What of the true pictures is seen on the faces of a book; where there is no picture, the colour of the paper. */
final readonly class Prints
{
    /** @param Layout|null $uncut a book of which it is not known yet where its pieces are cut from: its papers show their colours */
    public function __construct(
        private ?Crops $crops = null,
        private ?Pictures $pictures = null,
        private ?Layout $uncut = null,
    ) {
    }

    /** @param int $wide dots to which a sheet is drawn at the most */
    public static function of(WorkPlan $plan, int $wide = PaperPicture::SIDE): self
    {
        return new self(new Crops($plan->blueprint, $plan->stocks), Pictures::of($plan, $wide));
    }

    /** Before anything is cut. */
    public static function before(Layout $layout): self
    {
        $papers = array_map(static fn (Stock $stock): int => (int) $stock->drawer, $layout->design->papers());

        return new self(null, Pictures::ofPapers(array_values(array_unique(array_filter($papers)))), $layout);
    }

    /** The piece in hand with this side up, drawn over it. */
    public function drawPiece(SvgDrawing $drawing, Part $part, Side $side): void
    {
        $crop = $this->crops?->ofPart($part, $side);
        $colour = $crop === null ? null : $this->pictures?->swatch($crop->supply, $crop->side) ?? $crop->colour;
        $seen = $this->piece($part, $side);
        if ($colour !== null) {
            $drawing->paper(Rectangle::whole($part->size), $colour, 'known-paper');
        }
        if ($seen !== null) {
            $area = Rectangle::whole($part->size);
            $drawing->cropped($area, $seen->picture->area, $seen->picture->address, $seen->crop->area, $seen->crop->quarters);
        }
    }

    /** A part of a piece as it lies with this side up, and the picture of the sheet it is cut from; null where there is none. */
    public function piece(Part $part, Side $side, ?Rectangle $within = null, int $number = 0): ?SeenPrint
    {
        $crop = $this->crops?->ofPart($part, $side, $number);
        $picture = $crop === null ? null : $this->pictures?->side($crop->supply, $crop->side);
        if ($crop === null || $picture === null) {
            return null;
        }

        return new SeenPrint($crop->part($within ?? Rectangle::whole($part->size)), $picture);
    }

    /** What of which picture lies there; null where there is none. */
    public function seen(Joint|Face $place): ?SeenPrint
    {
        $crop = $this->crop($place);
        $picture = $crop === null ? null : $this->pictures?->side($crop->supply, $crop->side);

        return $crop === null || $picture === null ? null : new SeenPrint($crop, $picture);
    }

    /** @return string|null colour of what lies there, null where nothing is known of it */
    public function colour(Joint|Face $place): ?string
    {
        if ($this->uncut !== null) {
            return $this->colourOfPaper($this->uncut, $place);
        }
        $crop = $this->crop($place);

        return $crop === null ? null : $this->pictures?->swatch($crop->supply, $crop->side) ?? $crop->colour;
    }

    private function colourOfPaper(Layout $layout, Joint|Face $place): ?string
    {
        $paper = $place instanceof Face ? $place->paper : $place->from;
        $side = $place instanceof Face ? $paper->side : $paper->side->other();
        $part = $layout->blueprint->part($paper->part);
        $stock = $layout->stockOf($part);

        return $this->pictures?->swatch((string) $stock->drawer, $part->isOver ? $side->other() : $side) ?? $stock->colour($side);
    }

    /** Draws the picture of what lies there into an area; nothing where there is none. */
    public function draw(SvgDrawing $drawing, Joint|Face $place, Rectangle $area): void
    {
        $seen = $this->seen($place);
        if ($seen !== null) {
            $drawing->cropped($area, $seen->picture->area, $seen->picture->address, $seen->crop->area, $seen->crop->quarters);
            $drawing->rectangle($area, [...LineKind::Outline->attributes(), 'fill' => 'none']);
        }
    }

    public function crop(Joint|Face $place): ?Crop
    {
        return $place instanceof Joint ? $this->crops?->ofJoint($place) : $this->crops?->ofFace($place);
    }

    public function mark(): string
    {
        return $this->pictures?->mark() ?? '';
    }
}
