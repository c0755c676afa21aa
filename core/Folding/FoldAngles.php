<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\PanelKind;

/**
 * How far each score is folded in the finished book: back onto itself, or to a right angle beside a panel that is a gusset, a spine or a
 * channel. A row of many narrow strips that all fold the same way is a rounded spine: it is bent, not folded.
 */
final readonly class FoldAngles
{
    /** From so many alike on a part is a rounded spine. */
    private const ROUNDED = 5;

    /** @return array<int, Hinge> by edge */
    public function of(CreasePattern $pattern): array
    {
        $hinges = [];
        $isRounded = $this->isRounded($pattern);
        foreach ($pattern->hinges() as $number => $edge) {
            [$one, $other] = $edge->faces;
            $stands = PanelKind::named($pattern->faces[$one]->panel)->stands()
                || PanelKind::named($pattern->faces[$other]->panel)->stands();
            $isSquare = $pattern->vertices[$edge->from][0] === $pattern->vertices[$edge->to][0]
                || $pattern->vertices[$edge->from][1] === $pattern->vertices[$edge->to][1];
            $hinges[$number] = new Hinge($number, $one, $other, $edge->assignment, $isRounded ? 0 : ($stands && $isSquare ? 1 : 2));
        }

        return $hinges;
    }

    /**
     * Quarters of a turn about the score's own direction that fold the panel beyond it, seen from the one it hangs on: a valley brings
     * their sides A together.
     */
    public static function turn(CreasePattern $pattern, Hinge $hinge, int $from): int
    {
        $edge = $pattern->edges[$hinge->edge];
        // A right-handed turn about the score's direction lifts what lies to the right of it.
        $lifts = $pattern->faces[$hinge->across($from)]->goesFrom($edge->from, $edge->to);
        $up = $hinge->assignment !== Assignment::Mountain;

        return $lifts === $up ? $hinge->quarters : -$hinge->quarters;
    }

    private function isRounded(CreasePattern $pattern): bool
    {
        $hinges = $pattern->hinges();
        $kinds = array_unique(array_map(static fn (PatternEdge $edge): string => $edge->assignment->value, $hinges));

        $along = array_unique(array_map(static fn (PatternEdge $edge): string => $edge->line->along()->value ?? 'aslant', $hinges));

        return count($hinges) >= self::ROUNDED
            && count($kinds) === 1
            && count($along) === 1
            && ! in_array('aslant', $along, true)
            && count($pattern->faces) === count($hinges) + 1
            && array_filter(
                $pattern->edges,
                static fn (PatternEdge $edge): bool => $edge->assignment === Assignment::Cut,
            ) === [];
    }
}
