<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;

/** What is done to one corner of a piece. */
final readonly class Corner
{
    /**
     * @param Edge $upper Top or Bottom
     * @param Edge $side Left or Right
     * @param Length $reach radius, or how far a clip reaches along both edges
     */
    public function __construct(public Edge $upper, public Edge $side, public Trim $trim, public Length $reach)
    {
    }

    /** @return list<self> the two corners at the ends of one edge */
    public static function along(Edge $edge, Trim $trim, Length $reach): array
    {
        return $edge->isUpright()
            ? [new self(Edge::Top, $edge, $trim, $reach), new self(Edge::Bottom, $edge, $trim, $reach)]
            : [new self($edge, Edge::Left, $trim, $reach), new self($edge, Edge::Right, $trim, $reach)];
    }

    /** @return list<self> */
    public static function all(Trim $trim, Length $reach): array
    {
        return [...self::along(Edge::Top, $trim, $reach), ...self::along(Edge::Bottom, $trim, $reach)];
    }
}
