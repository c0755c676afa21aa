<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * The inside of a pocket: what slips in, and how far it may stand out.
 *
 * Every glued edge eats 1⁄16–⅛ in of the width (⅛ is taken here) and an insert wants ¼ in of play
 * (common practice, no published source).
 */
final readonly class Pouch implements Fact
{
    /**
     * @param string $key `page-1/pocket-1`
     * @param string $face the face it is on or in
     * @param Size $size of the pocket's front, as it lies before the reader
     * @param list<Edge> $glued edges held by glue; an edge that is a fold costs nothing
     * @param Edge $opening where things slip in
     * @param bool $kept whether the closed book keeps in what stands out of it
     * @param PanelRef|null $front the panel that is its front, its side towards the reader
     * @param PanelRef|null $behind the panel of the same part that lies behind it, where it is folded
     * @param Length|null $wanted how much less than the clear width an insert is wanted; null: {@see Pouch::play()}
     * @param Length $reach from the closed end to where a card may stand at the most (the edge of the page)
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $face,
        public Size $size,
        public array $glued,
        public Edge $opening,
        public Length $reach,
        public bool $kept = false,
        public ?PanelRef $front = null,
        public ?PanelRef $behind = null,
        private ?Length $wanted = null,
    ) {
    }

    /** The same for a hand that wants more, or less, of it. */
    public function playing(Length $wanted): self
    {
        return new self(
            $this->key,
            $this->name,
            $this->face,
            $this->size,
            $this->glued,
            $this->opening,
            $this->reach,
            $this->kept,
            $this->front,
            $this->behind,
            $wanted,
        );
    }

    /** What an insert cannot do with less of: half of the play there should be. */
    public function leastPlay(): Length
    {
        return $this->wanted?->half() ?? self::glueLoss();
    }

    public function mark(): string
    {
        return $this->key;
    }

    /** Whether it is a leaf of the book itself, and not a pocket on one. */
    public function isALeaf(): bool
    {
        return ! str_contains($this->key, '/');
    }

    /** Clear width between the glue of the two sides, in line with the opening. */
    public function innerWidth(): Length
    {
        $sides = array_filter($this->glued, fn (Edge $edge): bool => $edge->isUpright() !== $this->opening->isUpright());

        return $this->mouth()->minus(self::glueLoss()->times(count($sides)));
    }

    /** The widest card that still slides. */
    public function widestInsert(): Length
    {
        return $this->innerWidth()->minus($this->wanted ?? self::play());
    }

    /** Breadth of the opening, edge to edge. */
    public function mouth(): Length
    {
        return $this->opening->isUpright() ? $this->size->height : $this->size->width;
    }

    /** From the opening to the closed end. */
    public function depth(): Length
    {
        return $this->opening->isUpright() ? $this->size->width : $this->size->height;
    }

    /** With the least play there may be: it goes in, snugly. */
    public function snuggestInsert(): Length
    {
        return $this->innerWidth()->minus($this->leastPlay());
    }

    /** Whether a card goes in (either way round) so that it slides, stays inside the page and is held over half its length. */
    public function holds(Size $card): bool
    {
        return $this->admits($card, $this->widestInsert());
    }

    /** The same, but with no more play than half of it. */
    public function holdsSnugly(Size $card): bool
    {
        return $this->admits($card, $this->snuggestInsert());
    }

    /** Whether something goes in the way up it is to be seen. */
    public function holdsAsItLies(Size $seen): bool
    {
        return $this->admitsHeld($this->opening->isUpright() ? $seen->turned() : $seen, $this->widestInsert());
    }

    /** The largest that goes in, as it is seen. */
    public function largest(): Size
    {
        $held = new Size(
            Length::longest(Length::zero(), $this->widestInsert()),
            $this->kept ? $this->reach : Length::shortest($this->reach, $this->depth()->times(2)),
        );

        return $this->opening->isUpright() ? $held->turned() : $held;
    }

    private function admits(Size $card, Length $limit): bool
    {
        return $this->admitsHeld($card, $limit) || $this->admitsHeld($card->turned(), $limit);
    }

    /** @param Size $held its width along the opening */
    private function admitsHeld(Size $held, Length $limit): bool
    {
        $slides = $limit->isAtLeast($held->width);
        $staysIn = $this->reach->isAtLeast($held->height);
        $isHeld = $this->kept || $this->depth()->times(2)->isAtLeast($held->height);

        return $slides && $staysIn && $isHeld;
    }

    public static function glueLoss(): Length
    {
        return Length::inches(0, 1, 8);
    }

    public static function play(): Length
    {
        return Length::inches(0, 1, 4);
    }
}
