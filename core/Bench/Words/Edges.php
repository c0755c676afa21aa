<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Words;

use Ephemeron\Blueprint\Face;
use Ephemeron\Geometry\Edge;

/** Edges by something one can see there: the spine, the fold, the head. */
final readonly class Edges
{
    public static function of(Face $face, Edge $edge): string
    {
        return match (true) {
            ! $edge->isUpright() && ! $face->turns => $edge === Edge::Top ? 'the head' : 'the foot',
            $face->hinge === $edge => $face->turns ? 'the fold' : 'the edge at the spine',
            $face->hinge?->opposite() === $edge => $face->turns ? 'the free edge' : 'the edge away from the spine',
            $edge === Edge::Top => 'the head',
            $edge === Edge::Bottom => 'the foot',
            default => "the {$edge->value} edge",
        };
    }

    /** A face in few words: `page 2`, `the front cover`, `page 2, inside of the flap`. */
    public static function face(Face $face): string
    {
        $parts = explode(', ', lcfirst($face->name));
        $named = preg_match('/^(page|inside|concertina|base|leaf) /', $parts[0]) === 1 ? $parts[0] : "the {$parts[0]}";

        return $face->parent === null || count($parts) < 2 ? $named : "{$named}, ".end($parts);
    }

    /** @param list<Edge> $edges */
    public static function listed(Face $face, array $edges): string
    {
        $words = [];
        $has = static fn (Edge ...$all): bool => array_filter($all, static fn (Edge $edge): bool => ! in_array($edge, $edges, true)) === [];
        if ($has(Edge::Left, Edge::Right)) {
            $words[] = 'both sides';
        }
        foreach ([Edge::Left, Edge::Right, Edge::Top, Edge::Bottom] as $edge) {
            if ($has($edge) && ! ($edge->isUpright() && $words === ['both sides'])) {
                $words[] = self::of($face, $edge);
            }
        }

        return self::joined($words);
    }

    /** @param list<string> $words */
    public static function joined(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? (string) $last : implode(', ', $words)." and {$last}";
    }
}
