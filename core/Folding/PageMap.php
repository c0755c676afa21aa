<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;

/**
 * The faces of a book in reading order, each with its paper and how the print lies on it. Where many pages come from one sheet, their lie
 * follows from the folding itself, and for every way the sheet may be turned first it is known how many prints stand upright.
 */
final readonly class PageMap
{
    /** From so many pages on one sheet the book is made of that sheet. */
    private const ONE_SHEET = 8;

    /**
     * @param array<string, MappedFace> $faces by key, in reading order
     * @param string|null $sheet key of the part the book is folded from, where it is one
     * @param array<string, int> $turned how many prints stand on their heads or lie sideways for every way the sheet is turned before
     *   it is folded, by words
     */
    private function __construct(public array $faces, public ?string $sheet, public array $turned)
    {
    }

    /**
     * @param array<string, Stock> $materials by role
     * @param (\Closure(Part): FoldedSheet)|null $fold by whom a part has been folded already
     */
    public static function of(Blueprint $blueprint, array $materials, ?\Closure $fold = null): self
    {
        $sheet = self::sheetOf($blueprint);
        $fold ??= static fn (Part $part): FoldedSheet => (new Folder)->fold(CreasePattern::of($part));
        $folded = $sheet === null ? null : $fold($blueprint->part($sheet));
        $openings = [];
        foreach ($blueprint->all(Pouch::class) as $pouch) {
            $openings[$pouch->face] ??= $pouch->opening;
        }
        $beside = $blueprint->openings() + array_flip($blueprint->openings());
        $faces = [];
        $heads = [];
        foreach ($blueprint->pages() as $key => $face) {
            $part = $blueprint->part($face->paper->part);
            $stock = $materials[$part->paper()];
            $head = $folded !== null && $face->paper->part === $sheet ? self::head($folded, $face, $blueprint) : null;
            if ($head !== null) {
                $heads[$key] = $head;
            }
            $faces[$key] = new MappedFace(
                $face,
                $part->letter,
                $head === null ? $face->lie : Lie::towards($head[0], $head[1]),
                $stock->showsCore($face->paper->side),
                $stock->isDirectional($face->paper->side),
                $openings[$key] ?? null,
                $beside[$key] ?? null,
            );
        }

        return new self($faces, $sheet, self::turned($heads));
    }

    /** @return list<MappedFace> faces whose print does not stand upright though it has a right way up */
    public function fallen(): array
    {
        return array_values(
            array_filter(
                $this->faces,
                static fn (MappedFace $face): bool => $face->hasDirection && ! $face->showsCore && $face->lie !== Lie::Upright,
            ),
        );
    }

    private static function sheetOf(Blueprint $blueprint): ?string
    {
        $pages = [];
        foreach ($blueprint->pages() as $face) {
            if ($face->paper->side === Side::A) {
                $pages[$face->paper->part] = ($pages[$face->paper->part] ?? 0) + 1;
            }
        }
        foreach ($pages as $part => $count) {
            if ($count >= self::ONE_SHEET && $blueprint->part($part)->quantity === 1) {
                return $part;
            }
        }

        return null;
    }

    /**
     * Where the head of the sheet points on a page, as the reader sees it, measured against the first page of that sheet.
     *
     * @return array{float, float}|null
     */
    private static function head(FoldedSheet $folded, Face $face, Blueprint $blueprint): ?array
    {
        $first = null;
        foreach ($blueprint->pages() as $page) {
            if ($page->paper->part === $face->paper->part) {
                $first ??= $folded->pattern->faceOf($page->paper->panel);
            }
        }
        $panel = $folded->pattern->faceOf($face->paper->panel);
        if ($first === null || $panel === null) {
            return null;
        }
        [$x, $y] = $folded->places[$first]->inverse()->after($folded->places[$panel])->direction(0, -1);

        // Pages turn about an upright spine: their heads stay where they are, left and right change places.
        return [$folded->places[$panel]->isTurnedOver() === $folded->places[$first]->isTurnedOver() ? $x : -$x, $y];
    }

    /**
     * @param array<string, array{float, float}> $heads
     * @return array<string, int>
     */
    private static function turned(array $heads): array
    {
        if ($heads === []) {
            return [];
        }
        $ways = [
            'as it lies' => [1, 0],
            'turned a quarter to the right' => [0, 1],
            'turned upside down' => [-1, 0],
            'turned a quarter to the left' => [0, -1],
        ];

        return array_map(static fn (array $way): int => count(array_filter($heads, static function (array $head) use ($way): bool {
            [$cosine, $sine] = $way;

            return Lie::towards($cosine * $head[0] - $sine * $head[1], $sine * $head[0] + $cosine * $head[1]) !== Lie::Upright;
        })), $ways);
    }
}
