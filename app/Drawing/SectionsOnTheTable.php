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
        $names = array_map(strval(...), array_keys($sections));
        $blocks = array_map(static fn (array $parts): self => self::block($parts, $width, $writing), array_values($sections));
        // More than half its size for each letter of a heading.
        $boxes = array_map(static fn (self $block, string $name): array => [
            max($block->width, 0.62 * $writing * mb_strlen($name)),
            self::LINE * $writing + $block->height,
        ], $blocks, $names);
        [$places, $right, $below] = self::rows($boxes, $width, 2 * self::GAP * $writing, 0.5 * $writing);
        $headings = [];
        $pieces = [];
        foreach ($places as $index => [$x, $y]) {
            $headings[] = [$names[$index], $x, $y];
            foreach ($blocks[$index]->pieces as [$part, $left, $top]) {
                $pieces[] = [$part, $x + $left, $y + self::LINE * $writing + $top];
            }
        }

        return new self($headings, $pieces, $right, $below, $writing);
    }

    /** @param list<Part> $parts of one section */
    private static function block(array $parts, float $width, float $writing): self
    {
        $boxes = array_map(static fn (Part $part): array => [
            max($part->size->width->inMillimetres(), self::SLOT * $writing),
            $part->size->height->inMillimetres() + self::LINE * $writing,
        ], $parts);
        [$places, $right, $below] = self::rows($boxes, $width, self::GAP * $writing, 0.0);
        $pieces = array_map(
            static fn (Part $part, array $box, array $place): array => [
                $part,
                $place[0] + ($box[0] - $part->size->width->inMillimetres()) / 2,
                $place[1],
            ],
            $parts,
            $boxes,
            $places,
        );

        return new self([], $pieces, $right, $below, $writing);
    }

    /**
     * Side by side as far as it goes, then below.
     *
     * @param list<array{float, float}> $boxes how broad and how tall
     * @return array{list<array{float, float}>, float, float} left and top of each, and how far all reach to the right and down
     */
    private static function rows(array $boxes, float $width, float $between, float $under): array
    {
        $places = [];
        [$x, $y, $right, $below] = [0.0, 0.0, 0.0, 0.0];
        foreach ($boxes as [$broad, $tall]) {
            if ($x > 0.0 && $x + $broad > $width) {
                [$x, $y] = [0.0, $below + $under];
            }
            $places[] = [$x, $y];
            [$right, $below] = [max($right, $x + $broad), max($below, $y + $tall)];
            $x += $broad + $between;
        }

        return [$places, $right, $below];
    }
}
