<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Isometry;
use Ephemeron\Geometry\NotExact;

/**
 * Folds a crease pattern as hands do: one straight fold after the other, each turning a stack of layers about a line, over or under, as
 * the mountains and valleys of its scores say. Small flaps come before large halves; a path of panels is folded from its first panel on;
 * what stands at a right angle (beside gussets and spines) comes last. Orders that would push one layer through another are not taken.
 */
final readonly class Folder
{
    public function fold(CreasePattern $pattern): FoldedSheet
    {
        $hinges = (new FoldAngles)->of($pattern);
        $path = $this->path($pattern, $hinges);
        $folded = $path === [] ? null : $this->folded($pattern, $hinges, $path, $path[count($path) - 1]);

        return $folded !== null && $folded->folds() ? $folded : $this->folded($pattern, $hinges, [], $pattern->largest());
    }

    /**
     * @param array<int, Hinge> $hinges
     * @param list<int> $path panels one after the other, or none
     */
    private function folded(CreasePattern $pattern, array $hinges, array $path, int $base): FoldedSheet
    {
        $parents = HingeTree::from($hinges, $base);
        try {
            return $this->foldedExactly($pattern, $hinges, $path, $base, $parents);
        } catch (NotExact $reason) {
            $flat = array_fill(0, count($pattern->faces), Isometry::identity());

            return new FoldedSheet(
                $pattern,
                $base,
                $hinges,
                $parents,
                [],
                $flat,
                range(0, max(0, count($flat) - 1)),
                [$reason->getMessage()],
            );
        }
    }

    /**
     * @param array<int, Hinge> $hinges
     * @param list<int> $path
     * @param array<int, array{int, Hinge}> $parents
     *
     * @throws NotExact
     */
    private function foldedExactly(CreasePattern $pattern, array $hinges, array $path, int $base, array $parents): FoldedSheet
    {
        $final = FoldedPlaces::of($pattern, $parents);
        $problems = [
            ...FlatFoldability::problems(
                $pattern,
                array_keys(array_filter($hinges, static fn (Hinge $hinge): bool => $hinge->quarters !== 2)),
            ),
            ...$this->tears($pattern, $hinges, $final),
        ];
        $search = new FoldSearch($pattern, $hinges, $base);
        // What cannot lie flat in any order need not be looked for.
        $moves = $problems === [] ? $search->moves($path) : null;
        if ($moves === null) {
            $problems[] = $search->whyNot();
        }
        $last = $moves === null || $moves === [] ? null : $moves[count($moves) - 1];
        $layers = $last->layers ?? range(0, max(0, count($pattern->faces) - 1));
        $moves = [...$moves ?? [], ...(new ClosingOrder($pattern, $parents))->moves($layers, count($moves ?? []))];

        return new FoldedSheet($pattern, $base, $hinges, $parents, $moves, $final, $layers, array_values(array_unique($problems)));
    }

    /**
     * @param array<int, Hinge> $hinges
     * @param array<int, Isometry> $final
     * @return list<string>
     */
    private function tears(CreasePattern $pattern, array $hinges, array $final): array
    {
        foreach ($hinges as $hinge) {
            if (! $final[$hinge->other]->equals(FoldedPlaces::beyond($pattern, $final[$hinge->one], $hinge, $hinge->one))) {
                return ['Folded along all of its scores the sheet would tear: the panels round a point do not come together again.'];
            }
        }

        return [];
    }

    /**
     * Panels one after the other, where every panel hangs on no more than two others and slits keep the rest apart; else none.
     *
     * @param array<int, Hinge> $hinges
     * @return list<int>
     */
    private function path(CreasePattern $pattern, array $hinges): array
    {
        $beside = array_fill(0, count($pattern->faces), []);
        foreach ($hinges as $hinge) {
            if ($hinge->quarters !== 2) {
                return [];
            }
            $beside[$hinge->one][] = $hinge->other;
            $beside[$hinge->other][] = $hinge->one;
        }
        $hasSlits = array_filter(
            $pattern->edges,
            static fn (PatternEdge $edge): bool => $edge->assignment === Assignment::Cut && count($edge->faces) === 2,
        ) !== [];
        $ends = array_keys(array_filter($beside, static fn (array $neighbours): bool => count($neighbours) === 1));
        if (! $hasSlits || count($ends) !== 2 || array_filter(
            $beside,
            static fn (array $neighbours): bool => count($neighbours) > 2,
        ) !== []) {
            return [];
        }
        $path = [min($ends)];
        $last = -1;
        while (count($path) < count($beside)) {
            $here = $path[count($path) - 1];
            $next = array_values(array_diff($beside[$here], [$last]))[0] ?? null;
            if ($next === null) {
                return [];
            }
            $last = $here;
            $path[] = $next;
        }

        return $path;
    }
}
