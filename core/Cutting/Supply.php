<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** Equal sheets to cut from. */
final readonly class Supply
{
    private const CUT_BEFORE = 'cut before';

    /**
     * @param string $name as the maker calls the paper
     * @param Size $sheet usable size, without the selvage strip
     * @param Length $selvage breadth of the strip along the foot that the first cut takes off
     * @param int|null $available null: as many as it takes
     * @param int $mills price of a sheet in thousandths, see {@see \Ephemeron\Paper\Price}
     * @param bool $isLeftover a piece that is there already: it costs nothing and is used before a new sheet is begun
     * @param string $key what it is known by in the drawer
     */
    public function __construct(
        public string $name,
        public Size $sheet,
        public Length $selvage,
        public ?int $available = null,
        public int $mills = 0,
        public bool $isLeftover = false,
        public string $key = '',
    ) {
    }

    /** What has been cut for this book and is cut again: it is no leftover of the drawer. */
    public static function cutBefore(string $name, Size $size, int $count): self
    {
        return new self($name, $size, Length::zero(), $count, isLeftover: true, key: self::CUT_BEFORE);
    }

    public function isCutBefore(): bool
    {
        return $this->key === self::CUT_BEFORE;
    }

    /** Whether both mean the same pile of sheets, however many there are. */
    public function isTheSameAs(self $other): bool
    {
        return $this->key === $other->key && $this->isLeftover === $other->isLeftover && $this->sheet->equals($other->sheet);
    }

    /** A sheet counts, a leftover does not. */
    public function countsAs(): int
    {
        return $this->isLeftover ? 0 : 1;
    }

    /** So many of it and no more. */
    public function limitedTo(?int $available): self
    {
        return new self($this->name, $this->sheet, $this->selvage, $available, $this->mills, $this->isLeftover, $this->key);
    }

    /** @param int $mills price of a sheet */
    public function at(int $mills): self
    {
        return new self($this->name, $this->sheet, $this->selvage, $this->available, $mills, $this->isLeftover, $this->key);
    }

    /** What is cut from the sheet, after the cut that takes its selvage strip off. */
    public function withSelvage(Piece $tree): Piece
    {
        if (! $this->selvage->isPositive()) {
            return $tree;
        }
        $bought = new Size($this->sheet->width, $this->sheet->height->plus($this->selvage));
        $strip = Rectangle::at(Length::zero(), $this->sheet->height, new Size($this->sheet->width, $this->selvage));

        return new Cut(Rectangle::whole($bought), Axis::Height, $this->sheet->height, $tree, new Offcut($strip, selvage: true));
    }
}
