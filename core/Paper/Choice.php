<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

/** Which print something is cut from, what of it was said; null: as usual. */
final readonly class Choice
{
    /**
     * @param string|null $paper key among the papers of the design
     * @param Side|null $side the side that shows
     * @param int|null $turn by how many quarters the print is turned clockwise on the piece, 0 to 3; said, it runs so whatever it is
     * @param bool $isProposed not by the maker’s own hand: another proposal may choose otherwise
     * @param OnePicture|null $picture that it carries on together with others
     * @param SheetSpot|null $spot place of the sheet it is cut from, for the sake of the motif there
     */
    public function __construct(
        public ?string $paper = null,
        public ?Side $side = null,
        public ?int $turn = null,
        public bool $isProposed = false,
        public ?OnePicture $picture = null,
        public ?SheetSpot $spot = null,
    ) {
    }

    public function proposed(bool $isProposed): self
    {
        return new self($this->paper, $this->side, $this->turn, $isProposed, $this->picture, $this->spot);
    }

    public function onPaper(?string $paper): self
    {
        return new self($paper, $this->side, $this->turn, $this->isProposed, $this->picture, $this->spot);
    }

    public function showing(?Side $side): self
    {
        return new self($this->paper, $side, $this->turn, $this->isProposed, $this->picture, $this->spot);
    }

    public function turned(?int $turn): self
    {
        return new self($this->paper, $this->side, $turn, $this->isProposed, $this->picture, $this->spot);
    }

    public function inPicture(?OnePicture $picture): self
    {
        return new self($this->paper, $this->side, $this->turn, $this->isProposed, $picture, $this->spot);
    }

    public function at(?SheetSpot $spot): self
    {
        return new self($this->paper, $this->side, $this->turn, $this->isProposed, $this->picture, $spot);
    }

    /** What this one leaves open is as a wider one has it. */
    public function within(self $wider): self
    {
        return new self(
            $this->paper ?? $wider->paper,
            $this->side ?? $wider->side,
            $this->turn ?? $wider->turn,
            picture: $this->picture ?? $wider->picture,
            spot: $this->spot ?? $wider->spot,
        );
    }

    public function saysSomething(): bool
    {
        return $this->paper !== null || $this->side !== null || $this->turn !== null || $this->picture !== null || $this->spot !== null;
    }
}
