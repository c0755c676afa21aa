<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Slit;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;

/**
 * Which edges of a pouch are shut by what, worked out from the part it is made of: a fold between its front and what lies behind is never
 * glued and never opens; what is glued is a free edge; a thumb notch is where it opens.
 */
final readonly class PouchEdges
{
    public function __construct(private Blueprint $blueprint)
    {
    }

    /** @return list<string> what is wrong, in words; empty where it holds and opens */
    public function problems(Pouch $pouch): array
    {
        $problems = [];
        if (in_array($pouch->opening, $pouch->glued, true)) {
            $problems[] = 'it is glued where it should open';
        }
        $folds = $this->folds($pouch);
        if (in_array($pouch->opening, $folds, true)) {
            $problems[] = 'its fold is where it should open';
        }
        foreach ($folds as $fold) {
            if (in_array($fold, $pouch->glued, true)) {
                $problems[] = 'its fold is said to be glued';
            }
        }
        $notch = $this->notch($pouch);
        if ($notch !== null && $notch !== $pouch->opening) {
            $problems[] = 'its thumb notch is not where it opens';
        }

        return $problems;
    }

    /** @return list<Edge> edges at which its front hangs together with what lies behind, as the reader sees it */
    public function folds(Pouch $pouch): array
    {
        [$front, $behind] = [$pouch->front, $pouch->behind];
        $face = $this->blueprint->faces[$pouch->face] ?? null;
        if ($front === null || $behind === null || $face === null || $front->part !== $behind->part) {
            return [];
        }
        $seen = $face->paper->part === $front->part && $face->paper->panel === $front->panel ? [$front, $behind] : [$behind, $front];
        $part = $this->blueprint->part($front->part);
        $edge = $this->crease($part, $part->panel($seen[0]->panel), $part->panel($seen[1]->panel));

        return $edge === null ? [] : [$this->asSeen($face, $seen[0], $edge)];
    }

    private function asSeen(Face $face, PanelRef $panel, Edge $edge): Edge
    {
        return $face->paper->panel === $panel->panel ? $face->edgeOf($edge) : $edge;
    }

    /** The edge of the first panel along which it hangs on the second. */
    private function crease(Part $part, Panel $one, Panel $other): ?Edge
    {
        $edge = $this->between($one->area, $other->area);
        if ($edge === null) {
            return null;
        }
        $middle = $one->area->middleOf($edge);
        $passes = static fn (Crease|Slit $line): bool => $line->line->passes($middle);
        $isFold = array_filter($part->creases, $passes) !== [] && array_filter($part->slits, $passes) === [];

        return $isFold ? $edge : null;
    }

    private function between(Rectangle $one, Rectangle $other): ?Edge
    {
        $beside = $one->top()->isLessThan($other->bottom()) && $other->top()->isLessThan($one->bottom());
        $above = $one->left()->isLessThan($other->right()) && $other->left()->isLessThan($one->right());

        return match (true) {
            $beside && $one->right()->equals($other->left()) => Edge::Right,
            $beside && $one->left()->equals($other->right()) => Edge::Left,
            $above && $one->bottom()->equals($other->top()) => Edge::Bottom,
            $above && $one->top()->equals($other->bottom()) => Edge::Top,
            default => null,
        };
    }

    /** Where the front that is glued on has its notch. */
    private function notch(Pouch $pouch): ?Edge
    {
        if ($pouch->front === null || $pouch->front->panel !== 'whole') {
            return null;
        }
        $notches = $this->blueprint->part($pouch->front->part)->notches;

        return count($notches) === 1 ? $notches[0]->edge : null;
    }
}
