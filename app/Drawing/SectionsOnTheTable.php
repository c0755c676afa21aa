<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Part;

/** Pieces laid out by section, as on a table: sections side by side as far as they go, then below. All in millimetres. */
final readonly class SectionsOnTheTable
{
    /** All by the size of the writing: between two pieces, */
    private const GAP = 0.6;

    /** what a piece has at least for its ring and how many there are, */
    private const SLOT = 2.0;

    /** and below a heading, or below a piece for how many there are. */
    private const LINE = 1.5;

    /**
     * @param list<array{string, float, float}> $headings with their left and top
     * @param list<array{Part, float, float}> $pieces with their left and top
     * @param float $writing size of the headings
     */
    private function __construct(
        public array $headings,
        public array $pieces,
        public float $width,
        public float $height,
        public float $writing,
    ) {
    }

    /** @param array<string, list<Part>> $sections */
    public static function within(float $width, float $writing, array $sections): self
    {
        $headings = [];
        $pieces = [];
        [$x, $y, $below, $right] = [0.0, 0.0, 0.0, 0.0];
        foreach ($sections as $section => $parts) {
            $block = self::block($parts, $width, $writing);
            $broad = max($block->width, 0.52 * $writing * mb_strlen($section));
            if ($x > 0.0 && $x + $broad > $width) {
                [$x, $y] = [0.0, $below + 0.5 * $writing];
            }
            $headings[] = [$section, $x, $y];
            foreach ($block->pieces as [$part, $left, $top]) {
                $pieces[] = [$part, $x + $left, $y + self::LINE * $writing + $top];
            }
            $below = max($below, $y + self::LINE * $writing + $block->height);
            $right = max($right, $x + $broad);
            $x += $broad + 2 * self::GAP * $writing;
        }

        return new self($headings, $pieces, $right, $below, $writing);
    }

    /** @param list<Part> $parts of one section */
    private static function block(array $parts, float $width, float $writing): self
    {
        $pieces = [];
        [$x, $y, $below, $right] = [0.0, 0.0, 0.0, 0.0];
        foreach ($parts as $part) {
            $own = $part->size->width->inMillimetres();
            $broad = max($own, self::SLOT * $writing);
            if ($x > 0.0 && $x + $broad > $width) {
                [$x, $y] = [0.0, $below];
            }
            $pieces[] = [$part, $x + ($broad - $own) / 2, $y];
            $below = max($below, $y + $part->size->height->inMillimetres() + self::LINE * $writing);
            $right = max($right, $x + $broad);
            $x += $broad + self::GAP * $writing;
        }

        return new self([], $pieces, $right, $below, $writing);
    }
}
