<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Folding\PosedLeaf;
use Ephemeron\Folding\ScenePose;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;

/**
 * One moment of a scene of the Fold screen, seen from above: what lies flat is true to size, what stands or lies higher is shifted up and
 * to the right by a third of its height.
 */
final readonly class SceneStill
{
    /** Ticks between two layers that lie on each other, wider than paper so that they are told apart. */
    public const LAYER = 12 * Length::TICKS_PER_MILLIMETRE / 10;

    private const RISE = 0.35;

    /** As many lines side by side on a drawing can be told apart. */
    private const LINES = 200;

    private Palette $palette;

    /** @var list<array{PosedLeaf, non-empty-list<Polygon>}> every leaf with its outline and its windows as they are seen */
    private array $seen;

    /** @var list<Rectangle|null> of each that is a whole rectangle the place it takes */
    private array $wholes;

    private Rectangle $bounds;

    /** @param array<string, true> $new keys of the parts that have just come to it */
    public function __construct(ScenePose $pose, private array $new = [])
    {
        $this->palette = new Palette;
        $this->seen = array_map(
            static fn (PosedLeaf $leaf): array => [$leaf, array_map(self::polygon(...), [$leaf->outline(), ...$leaf->windows()])],
            $pose->leaves,
        );
        $this->wholes = array_map(static fn (array $seen): ?Rectangle => self::whole($seen[1]), $this->seen);
        $corners = array_merge(...array_map(static fn (array $seen): array => $seen[1][0]->corners, $this->seen));
        $xs = array_map(static fn (Point $corner): int => $corner->x->ticks, $corners) ?: [0];
        $ys = array_map(static fn (Point $corner): int => $corner->y->ticks, $corners) ?: [0];
        $this->bounds = Rectangle::between(min($xs), min($ys), max($xs), max($ys));
    }

    public function size(): Size
    {
        return $this->bounds->size();
    }

    /** From its own upper left corner. */
    public function draw(SvgDrawing $drawing): void
    {
        $drawing->shifted($this->bounds->left()->times(-1), $this->bounds->top()->times(-1), function (SvgDrawing $drawing): void {
            $between = $this->between($drawing->size()[0] * Length::TICKS_PER_MILLIMETRE / self::LINES);
            foreach ($this->seen as $index => [$leaf, $outlines]) {
                isset($between[$index]) || $this->leaf($drawing, $leaf, $outlines, $index);
            }
        });
    }

    /** @param non-empty-list<Polygon> $outlines */
    private function leaf(SvgDrawing $drawing, PosedLeaf $leaf, array $outlines, int $index): void
    {
        $side = $leaf->looks();
        $role = $leaf->node->part->role;
        $drawing->shape($outlines, [
            ...LineKind::Outline->attributes(),
            'class' => $side === Side::A ? "{$this->palette->classOf($role)} line-outline" : 'line-outline',
            'fill' => $side === Side::A ? $this->palette->of($role) : $this->palette->behind($role),
            'stroke-width' => isset($this->new[$leaf->node->part->key]) ? '0.9' : '0.3',
        ]);
        $label = $side === null ? '' : $leaf->node->labels[$side->value] ?? '';
        $area = $outlines[0]->bounds();
        if ($label === '' || $this->isCovered($area->middle(), $index)) {
            return;
        }
        $size = $area->size()->shortSide()->inMillimetres() / max(7.0, 0.8 * mb_strlen($label));
        $drawing->text(
            $area->middle()->x->inMillimetres(),
            $area->middle()->y->inMillimetres(),
            $label,
            $size,
        );
    }

    /**
     * Leaves of one kind in the midst of a stack, whose edges cannot be told from those above and beneath: drawn, they were a dark band.
     *
     * @param float $apart ticks between lines that can be told apart
     * @return array<int, true>
     */
    private function between(float $apart): array
    {
        $kinds = $between = [];
        foreach (array_reverse($this->seen, true) as $index => [$leaf]) {
            $whole = $this->wholes[$index];
            if ($whole !== null && ! isset($this->new[$leaf->node->part->key])) {
                $edges = [$whole->left()->ticks, $whole->top()->ticks, $whole->right()->ticks, $whole->bottom()->ticks];
                $kinds["{$leaf->node->part->role->value} {$leaf->looks()?->value}"][] = [$index, $edges];
            }
        }
        foreach ($kinds as $stack) {
            $drawn = [];
            $beneath = array_column($stack, 1);
            foreach ($stack as [$index, $edges]) {
                array_shift($beneath);
                if (self::isNear($edges, $drawn, $apart) && self::isNear($edges, $beneath, $apart)) {
                    $between[$index] = true;
                } else {
                    $drawn[] = $edges;
                }
            }
        }

        return $between;
    }

    /**
     * Whether all edges lie near those of one of the others, in ticks.
     *
     * @param array{int, int, int, int} $edges left, top, right, bottom
     * @param list<array{int, int, int, int}> $others
     */
    private static function isNear(array $edges, array $others, float $apart): bool
    {
        [$left, $top, $right, $bottom] = $edges;
        foreach ($others as $other) {
            if (max(abs($left - $other[0]), abs($top - $other[1]), abs($right - $other[2]), abs($bottom - $other[3])) < $apart) {
                return true;
            }
        }

        return false;
    }

    /** By a whole rectangle that lies higher; what is under anything else may be seen. */
    private function isCovered(Point $at, int $index): bool
    {
        $spot = Rectangle::between($at->x->ticks, $at->y->ticks, $at->x->ticks, $at->y->ticks);
        foreach (array_slice($this->wholes, $index + 1) as $whole) {
            if ($whole?->contains($spot)) {
                return true;
            }
        }

        return false;
    }

    /** @param non-empty-list<Polygon> $outlines */
    private static function whole(array $outlines): ?Rectangle
    {
        $area = $outlines[0]->bounds();
        $isWhole = count($outlines) === 1 && $outlines[0]->doubleArea() === 2 * $area->width()->ticks * $area->height()->ticks;

        return $isWhole ? $area : null;
    }

    /** @param non-empty-list<array{float, float, float}> $corners */
    private static function polygon(array $corners): Polygon
    {
        return new Polygon(array_map(static fn (array $corner): Point => new Point(
            Length::ofTicks((int) round($corner[0] + self::RISE * $corner[2])),
            Length::ofTicks((int) round($corner[1] - self::RISE * $corner[2])),
        ), $corners));
    }
}
