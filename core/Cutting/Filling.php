<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * A rectangle with a piece in its corner and its two remainders filled in turn, in ticks;
 * without a piece it is an offcut.
 */
final readonly class Filling
{
    /**
     * @param int|null $demand index of the kind of the piece in the corner
     * @param bool $widthFirst the first cut divides the width: the remainder beside is as tall as the rectangle
     * @param array<int, int> $pieces how many of each kind the rectangle gives, by index
     * @param int $used square ticks that become pieces
     * @param int $largestOffcut square ticks
     */
    private function __construct(
        public int $width,
        public int $height,
        public ?int $demand,
        public int $pieceWidth,
        public int $pieceHeight,
        public bool $turned,
        public bool $widthFirst,
        public ?self $beside,
        public ?self $below,
        public array $pieces,
        public int $used,
        public int $largestOffcut,
    ) {
    }

    public static function offcut(int $width, int $height): self
    {
        return new self($width, $height, null, 0, 0, false, false, null, null, [], 0, $width * $height);
    }

    /** @param array{int, int, int, bool} $placement kind, width, height, turned */
    public static function of(int $width, int $height, array $placement, bool $widthFirst, self $beside, self $below): self
    {
        [$demand, $pieceWidth, $pieceHeight, $turned] = $placement;
        $pieces = $beside->pieces;
        foreach ($below->pieces as $index => $count) {
            $pieces[$index] = ($pieces[$index] ?? 0) + $count;
        }
        $pieces[$demand] = ($pieces[$demand] ?? 0) + 1;

        return new self(
            $width,
            $height,
            $demand,
            $pieceWidth,
            $pieceHeight,
            $turned,
            $widthFirst,
            $beside,
            $below,
            $pieces,
            $pieceWidth * $pieceHeight + $beside->used + $below->used,
            max($beside->largestOffcut, $below->largestOffcut),
        );
    }

    public function beats(?self $other): bool
    {
        return $other === null
            || $this->used > $other->used
            || ($this->used === $other->used && $this->largestOffcut > $other->largestOffcut);
    }
}
