<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\SheetPattern;

/**
 * A letter that has no room in its piece: it stands beside the sheet, below what is upright and to the right of what lies, and a line leads
 * to it.
 */
final readonly class LetterOutside
{
    /**
     * @param list<array{float, float}> $from where the lines begin, one in each piece of this letter that lies there; in millimetres
     * @param float $x of the middle of the letter, $y likewise, in millimetres
     */
    private function __construct(public string $letter, public array $from, public float $x, public float $y)
    {
    }

    /** @param float $least shortest side, in millimetres, of a piece that has room for its letter */
    public static function isFor(Blank $blank, float $least): bool
    {
        return $blank->area()->size()->shortSide()->inMillimetres() < $least;
    }

    /**
     * @param float $pitch how far apart two of them stand at the least, in millimetres
     * @param float $out how far beyond the edge of what is cut, in millimetres
     * @return list<self>
     */
    public static function of(SheetPattern $pattern, float $least, float $pitch, float $out): array
    {
        $sheet = $pattern->tree->area();
        /** @var array{below: array<int, array{string, float, float}>, beside: array<int, array{string, float, float}>} $narrow */
        $narrow = ['below' => [], 'beside' => []];
        foreach ($pattern->leaves() as $leaf) {
            if (! $leaf instanceof Blank || ! self::isFor($leaf, $least)) {
                continue;
            }
            $area = $leaf->area();
            $middle = [$area->middle()->x, $area->middle()->y];
            $inside = min($area->size()->longSide()->inMillimetres() / 2, 4.0);
            // Along its own direction, then across it.
            $area->height()->isAtLeast($area->width())
                ? $narrow['below'][] = [$leaf->label(), $middle[0]->inMillimetres(), $area->bottom()->inMillimetres() - $inside]
                : $narrow['beside'][] = [$leaf->label(), $middle[1]->inMillimetres(), $area->right()->inMillimetres() - $inside];
        }
        $letters = [];
        foreach (self::inARow($narrow['below'], $least, $pitch) as [$letter, $at, $from]) {
            $letters[] = new self($letter, $from, $at, $sheet->bottom()->inMillimetres() + $out);
        }
        foreach (self::inARow($narrow['beside'], $least, $pitch) as [$letter, $at, $from]) {
            $turned = array_map(static fn (array $point): array => [$point[1], $point[0]], $from);
            $letters[] = new self($letter, $turned, $sheet->right()->inMillimetres() + $out, $at);
        }

        return $letters;
    }

    /**
     * Alike pieces side by side share a letter; letters that would touch make room for each other.
     *
     * @param array<int, array{string, float, float}> $narrow letter, place along the row, place across it
     * @return list<array{string, float, list<array{float, float}>}> letter, where it stands along the row, and what it is led to
     */
    private static function inARow(array $narrow, float $least, float $pitch): array
    {
        usort($narrow, static fn (array $one, array $other): int => $one[1] <=> $other[1]);
        $row = [];
        foreach ($narrow as [$letter, $along, $across]) {
            $last = array_key_last($row);
            $isAlike = $last !== null && $row[$last][0] === $letter
                && $along - $row[$last][2][count($row[$last][2]) - 1][0] < $least;
            $isAlike ? $row[$last][2][] = [$along, $across] : $row[] = [$letter, $along, [[$along, $across]]];
        }
        $free = -INF;
        foreach ($row as $index => [, , $from]) {
            $at = array_sum(array_column($from, 0)) / count($from);
            $row[$index][1] = max($at, $free);
            $free = $row[$index][1] + $pitch;
        }

        return $row;
    }
}
