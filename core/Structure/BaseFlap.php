<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Design\Allowances;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Things;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Side;

/**
 * A piece glued by its tab to an edge of an area of a free base, so that it turns over the area: the edge as it is pressed in the drawing,
 * which shows the front.
 */
final readonly class BaseFlap
{
    public const KIND = 'flap';

    /**
     * @param Side $side of the base on which its tab is glued
     * @param Length|null $reach from the hinge to the free edge, null: half the area
     * @param Length|null $breadth along the hinge, null: a little less than the area
     * @param Length|null $along from the left or upper end of the edge, as the front is seen; null: in the middle
     * @param Length|null $tab null: the usual one
     * @param int $magnets pairs at its free edge, 0 to 4
     */
    public function __construct(
        public int $column,
        public int $row,
        public Edge $edge,
        public Side $side = Side::A,
        public ?Length $reach = null,
        public ?Length $breadth = null,
        public ?Length $along = null,
        public ?Length $tab = null,
        public int $magnets = 0,
    ) {
    }

    /** The same edge, looked at from behind or from behind again. */
    public static function seenFrom(Side $side, Edge $edge): Edge
    {
        return $side === Side::B && $edge->isUpright() ? $edge->opposite() : $edge;
    }

    /** How far from the left it begins as its own side is read, where it is this far from the left of the front. */
    public static function along(Side $side, Edge $edge, Length $along, Length $breadth, Rectangle $area): Length
    {
        return $side === Side::B && ! $edge->isUpright() ? $area->width()->minus($along, $breadth) : $along;
    }

    public function face(): string
    {
        return "base-{$this->column}-{$this->row}".($this->side === Side::A ? '' : '-back');
    }

    /**
     * What to change in the design of the base.
     *
     * @param list<Placed> $there the things that are on it
     * @return array<string, mixed> by place
     */
    public function changes(DrawnBase $base, Things $said, array $there, Notation $notation): array
    {
        $area = $base->area($this->column, $this->row);
        $long = $this->edge->isUpright() ? $area->height() : $area->width();
        $breadth = $this->breadth ?? $long->minus((new Allowances($notation->unit))->fine()->times(2));
        $hinge = self::seenFrom($this->side, $this->edge);
        $lengths = array_filter([
            'reach' => $this->reach,
            'breadth' => $this->breadth,
            'along' => $this->along === null ? null : self::along($this->side, $this->edge, $this->along, $breadth, $area),
            'tab' => $this->tab,
        ]);
        // It opens beyond its hinge, so its free edge lies on that side of its inside.
        $magnets = $this->magnets === 0 ? [] : ['children' => ['magnets-1' => [
            'on' => 'inside', 'kind' => 'magnets', 'parameters' => ['edge' => $hinge->value, 'pairs' => $this->magnets],
        ]]];
        $key = $said->freeKey($this->face(), self::KIND, $there);

        return ["things.{$key}" => [
            'on' => $this->face(),
            'kind' => self::KIND,
            'parameters' => ['edge' => $hinge->value, ...array_map($notation->exact(...), $lengths)],
            ...$magnets,
        ]];
    }
}
