<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;

/** A leaf that is a pocket must not open where it is glued, nor where its own fold is. */
final readonly class LeavesStayOpen implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->blueprint->all(Pouch::class) as $pouch) {
            $reason = match (true) {
                in_array($pouch->opening, $pouch->glued, true) => 'it is glued where it should open',
                $this->foldOf($pouch, $workings->blueprint) === $pouch->opening => 'its fold is where it should open',
                default => null,
            };
            if ($reason !== null) {
                yield new Finding(Severity::Stop, 'pocket-sealed', "{$pouch->name} is shut for good: {$reason}.", face: $pouch->face);
            }
        }
    }

    /** The edge at which the two layers of the leaf hang together, as the reader sees it; null for a pocket that is glued on. */
    private function foldOf(Pouch $pouch, Blueprint $blueprint): ?Edge
    {
        $face = $blueprint->faces[$pouch->face] ?? null;
        if ($face === null) {
            return null;
        }
        foreach ($blueprint->all(Joint::class) as $joint) {
            if ($joint->from->part !== $joint->onto->part || $joint->from->part !== $face->paper->part || $joint->from->panel !== $face->paper->panel) {
                continue;
            }
            $part = $blueprint->part($face->paper->part);
            $edge = $this->between($part->panel($joint->from->panel)->area, $part->panel($joint->onto->panel)->area);

            return $edge !== null && $face->upsideDown ? $edge->opposite() : $edge;
        }

        return null;
    }

    private function between(Rectangle $one, Rectangle $other): ?Edge
    {
        return match (true) {
            $one->right()->equals($other->left()) && $one->top()->equals($other->top()) => Edge::Right,
            $one->left()->equals($other->right()) && $one->top()->equals($other->top()) => Edge::Left,
            $one->bottom()->equals($other->top()) && $one->left()->equals($other->left()) => Edge::Bottom,
            $one->top()->equals($other->bottom()) && $one->left()->equals($other->left()) => Edge::Top,
            default => null,
        };
    }
}
