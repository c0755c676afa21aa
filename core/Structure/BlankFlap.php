<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Magnet;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;

/** A flap of a free base as it lies open on its flat blank, front up: its panel beyond the hinge, its tab on the area, its magnets. */
final readonly class BlankFlap
{
    /**
     * @param Thing $thing what it is in the design
     * @param int $column of the area it is glued to
     * @param Side $side of the base on which its tab lies
     * @param Edge $edge it is hinged at, as the front is seen
     * @param Rectangle $open its panel, on the blank’s measures; beyond the rim they are negative
     * @param Rectangle $shut where its panel lies when it is shut
     * @param Rectangle|null $tab what of it is glued
     * @param list<Point> $discs middles of its magnets, then of those they meet
     * @param Length $disc across a magnet
     */
    private function __construct(
        public Thing $thing,
        public Flap $flap,
        public int $column,
        public int $row,
        public Side $side,
        public Edge $edge,
        public Rectangle $open,
        public Rectangle $shut,
        public ?Rectangle $tab,
        public array $discs,
        public Length $disc,
    ) {
    }

    /** @return list<self> those on faces of the base itself, in the order in which they are put on */
    public static function all(Blueprint $blueprint, DrawnBase $base): array
    {
        $things = array_column($blueprint->all(Thing::class), null, 'key');
        $flaps = [];
        foreach ($blueprint->all(Flap::class) as $flap) {
            $thing = $things[$flap->key] ?? null;
            $paper = $blueprint->faces[$flap->over]->paper ?? null;
            if ($thing === null || $paper?->part !== 'base' || preg_match('/^c(\d+)-r(\d+)$/', $paper->panel, $found) !== 1) {
                continue;
            }
            $flaps[] = self::of($blueprint, $thing, $flap, (int) $found[1], (int) $found[2], $paper->side, $base);
        }

        return $flaps;
    }

    /** How far from the left or upper end of its edge it begins, as the front is seen. */
    public function along(DrawnBase $base): Length
    {
        $area = $base->area($this->column, $this->row);

        return $this->edge->isUpright() ? $this->shut->top()->minus($area->top()) : $this->shut->left()->minus($area->left());
    }

    /** Pairs of them. */
    public function magnets(): int
    {
        return intdiv(count($this->discs), 2);
    }

    /**
     * What its `along` is then, on its own side.
     *
     * @param Length $to from the left or upper end of its edge, as the front is seen; at most as far as it has room
     */
    public function slidTo(Length $to, DrawnBase $base): Length
    {
        $area = $base->area($this->column, $this->row);
        [$long, $breadth] = $this->edge->isUpright()
            ? [$area->height(), $this->open->height()] : [$area->width(), $this->open->width()];
        $most = Length::longest(Length::zero(), $long->minus($breadth));

        return BaseFlap::along($this->side, $this->edge, Length::shortest($to, $most), $breadth, $area);
    }

    /** The same from the other end: at the opposite edge of the area that lies as far from there. */
    public function fromTheOtherEnd(DrawnBase $base): BaseFlap
    {
        $isUpright = $this->edge->isUpright();
        $size = $this->open->size();

        return new BaseFlap(
            $isUpright ? $base->columns->count() + 1 - $this->column : $this->column,
            $isUpright ? $this->row : $base->rows->count() + 1 - $this->row,
            $this->edge->opposite(),
            $this->side,
            $isUpright ? $size->width : $size->height,
            $isUpright ? $size->height : $size->width,
            $this->along($base),
            $isUpright ? $this->tab?->width() : $this->tab?->height(),
            $this->magnets(),
        );
    }

    private static function of(Blueprint $blueprint, Thing $thing, Flap $flap, int $column, int $row, Side $side, DrawnBase $base): self
    {
        $area = $base->area($column, $row);
        $onBlank = static fn (Rectangle $seen): Rectangle => Rectangle::at(
            $side === Side::A ? $area->left()->plus($seen->left()) : $area->right()->minus($seen->right()),
            $area->top()->plus($seen->top()),
            $seen->size(),
        );
        $edge = BaseFlap::seenFrom($side, $flap->hinge);
        [$open, $shut] = [$onBlank($flap->opened()), $onBlank($flap->area)];
        $tab = self::tab($blueprint, $flap);
        $discs = [];
        $across = Length::zero();
        foreach ($blueprint->all(Thing::class) as $magnet) {
            if ($magnet->kind === 'magnets' && $magnet->on === $flap->inside) {
                $across = $magnet->area->width();
                $pairs = self::pairs($blueprint, $flap->inside);
                $in = self::in($flap->hinge, $magnet->area, $flap->area->size());
                array_push($discs, ...self::row($open, $edge, $in, $pairs), ...self::row($shut, $edge->opposite(), $in, $pairs));
            }
        }

        return new self($thing, $flap, $column, $row, $side, $edge, $open, $shut, $tab === null ? null : $onBlank($tab), $discs, $across);
    }

    private static function tab(Blueprint $blueprint, Flap $flap): ?Rectangle
    {
        foreach ($blueprint->all(Joint::class) as $joint) {
            if ($joint->face === $flap->over && $joint->from->panel === 'tab' && $joint->area == $flap->area) {
                return $joint->held;
            }
        }

        return null;
    }

    private static function pairs(Blueprint $blueprint, string $face): int
    {
        foreach ($blueprint->all(Magnet::class) as $magnet) {
            if ($magnet->face === $face) {
                return $magnet->pairs;
            }
        }

        return 1;
    }

    /** How far the middle of a magnet lies inside the free edge of the open panel, which is on the side of its hinge. */
    private static function in(Edge $free, Rectangle $disc, Size $panel): Length
    {
        $middle = $disc->width()->half();

        return match ($free) {
            Edge::Left => $disc->left()->plus($middle),
            Edge::Right => $panel->width->minus($disc->right())->plus($middle),
            Edge::Top => $disc->top()->plus($middle),
            Edge::Bottom => $panel->height->minus($disc->bottom())->plus($middle),
        };
    }

    /** @return list<Point> so many beside each other, this far inside an edge of the panel */
    private static function row(Rectangle $panel, Edge $edge, Length $in, int $pairs): array
    {
        $points = [];
        for ($number = 0; $number < $pairs; $number++) {
            $x = $panel->left()->plus($panel->width()->portion(2 * $number + 1, 2 * $pairs));
            $y = $panel->top()->plus($panel->height()->portion(2 * $number + 1, 2 * $pairs));
            $points[] = match ($edge) {
                Edge::Left => new Point($panel->left()->plus($in), $y),
                Edge::Right => new Point($panel->right()->minus($in), $y),
                Edge::Top => new Point($x, $panel->top()->plus($in)),
                Edge::Bottom => new Point($x, $panel->bottom()->minus($in)),
            };
        }

        return $points;
    }
}
