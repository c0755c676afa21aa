<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Isometry;

/** What stands at a right angle beside gussets and spines when the book is shut, and in which order it closes. */
final readonly class ClosingOrder
{
    /** @param array<int, array{int, Hinge}> $parents what each panel hangs on */
    public function __construct(private CreasePattern $pattern, private array $parents)
    {
    }

    /**
     * What stands at a right angle beside gussets and spines, one score after the other.
     *
     * @param list<int> $layers panels from the table up, when all that folds flat is folded
     * @param int $done folds made before
     * @return list<FoldMove>
     */
    public function moves(array $layers, int $done): array
    {
        $moves = [];
        $made = [];
        $standing = array_filter($this->parents, static fn (array $hanging): bool => $hanging[1]->quarters === 1);
        uksort($standing, fn (int $one, int $other): int => $this->closing($one) <=> $this->closing($other));
        foreach ($standing as $face => [$parent, $hinge]) {
            $before = $this->places($made);
            $made[$hinge->edge] = true;
            $places = $this->places($made);
            $moves[] = new FoldMove(
                $done + count($moves) + 1,
                [$hinge->edge],
                $this->hanging($face),
                $hinge->assignment !== Assignment::Mountain,
                1,
                FoldedPlaces::line($this->pattern, $hinge->edge, $before[$parent]),
                $places,
                $layers,
            );
        }

        return $moves;
    }

    /**
     * What closes first: the side with the narrowest gusset, for it lies innermost (common practice, no published source); of equal ones
     * the sides before foot and head.
     *
     * @return array{int, int, int, int}
     */
    private function closing(int $face): array
    {
        // The gusset stands next to what is held; what it carries closes with it.
        $gusset = $face;
        $depth = 0;
        while (isset($this->parents[$gusset], $this->parents[$this->parents[$gusset][0]])) {
            $gusset = $this->parents[$gusset][0];
            $depth++;
        }
        $outline = $this->pattern->outline($gusset);
        $width = max(array_column($outline, 0)) - min(array_column($outline, 0));
        $height = max(array_column($outline, 1)) - min(array_column($outline, 1));

        return [min($width, $height), $width < $height ? 0 : 1, -min(array_column($outline, 1)), $depth];
    }

    /**
     * With all that folds flat folded, and of the right angles those that are made.
     *
     * @param array<int, true> $made by edge
     * @return array<int, Isometry>
     */
    private function places(array $made): array
    {
        return FoldedPlaces::of(
            $this->pattern,
            array_map(
                static fn (array $hanging): array => $hanging[1]->quarters !== 1 || isset($made[$hanging[1]->edge]) ? $hanging
                    : [$hanging[0], $hanging[1]->unfolded()],
                $this->parents,
            ),
        );
    }

    /** @return list<int> a panel and all that hangs on it */
    private function hanging(int $face): array
    {
        $all = [$face];
        for ($k = 0; $k < count($all); $k++) {
            foreach ($this->parents as $child => [$parent]) {
                if ($parent === $all[$k]) {
                    $all[] = $child;
                }
            }
        }

        return $all;
    }
}
