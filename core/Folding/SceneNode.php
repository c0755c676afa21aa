<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Part;
use Ephemeron\Geometry\Isometry;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;

/** One panel of a scene, and what hangs on it or is glued to it. Measures in ticks of its own part's sheet. */
final readonly class SceneNode
{
    /**
     * @param non-empty-list<array{int, int}> $outline
     * @param list<non-empty-list<array{int, int}>> $windows outlines of its windows
     * @param array{array{int, int}, array{int, int}}|null $hinge the score it turns about, null for what does not turn
     * @param int $quarters of a turn about that score, right-handed along it
     * @param int $fold number of the step in which it folds, 0 for none
     * @param int $lift layers it comes to lie above what it hangs on (below: negative), on its own side A
     * @param array{dx: int, dy: int, quarters: int, over: bool, behind: bool, step: int, px: int, py: int}|null $glued where its part
     *   lies on the sheet of what it is glued to: shifted, turned by quarters in the plane, turned over, behind it, and in which step it
     * is glued
     * @param array<string, string> $labels what its sides are in the book, by `A` and `B`
     * @param list<GlueZone> $glue that lie on it
     * @param list<self> $children
     */
    public function __construct(
        public Part $part,
        public string $panel,
        public array $outline,
        public array $windows,
        public ?array $hinge,
        public int $quarters,
        public int $fold,
        public int $lift,
        public ?array $glued,
        public array $labels,
        public array $glue,
        public array $children,
    ) {
    }

    /**
     * Where its part lies on what it is glued to; as it is where it is not glued to anything.
     *
     * @param int $layer ticks between two layers that lie on each other
     */
    public function glueing(int $layer): Isometry
    {
        if ($this->glued === null) {
            return Isometry::identity();
        }
        $place = Isometry::shift($this->glued['dx'], $this->glued['dy'], $this->glued['behind'] ? -$layer : $layer);
        [$x, $y] = [$this->glued['px'], $this->glued['py']];
        // Over twice, about two lines: that turns in the plane by twice the angle between them.
        if ($this->glued['quarters'] > 0) {
            [$dx, $dy] = [1 => [1, 1], 2 => [0, 1], 3 => [1, -1]][$this->glued['quarters']];
            $place = $place->after(self::about([$x, $y], [$x + $dx, $y + $dy], 2))->after(self::about([$x, $y], [$x + 1, $y], 2));
        }

        return $this->glued['over'] ? $place->after(self::about([$x, $y], [$x, $y + 1], 2)) : $place;
    }

    /**
     * The step in which its part is first joined to another, to what it is glued to or by what is glued to it: from then on it is seen,
     * where it will be in the book. 0 for the part all else hangs on.
     */
    public function joined(): int
    {
        return $this->glued === null ? 0 : min($this->glued['step'], $this->firstOn());
    }

    /** Its turn about its score, which it has made when it is folded. */
    public function turn(): Isometry
    {
        return $this->hinge === null ? Isometry::identity() : self::about(...[...$this->hinge, $this->quarters]);
    }

    /** It and all that hangs on it. */
    public function count(): int
    {
        return 1 + array_sum(array_map(static fn (self $child): int => $child->count(), $this->children));
    }

    /** The step in which anything is first glued to its part here, or to what hangs on it. */
    private function firstOn(): int
    {
        $steps = array_map(static fn (self $child): int => $child->glued['step'] ?? $child->firstOn(), $this->children);

        return $steps === [] ? PHP_INT_MAX : min($steps);
    }

    /**
     * By quarters about a line of the table.
     *
     * @param array{int, int} $from
     * @param array{int, int} $to
     */
    private static function about(array $from, array $to, int $quarters): Isometry
    {
        [$from, $to] = array_map(static fn (array $at): Point => new Point(Length::ofTicks($at[0]), Length::ofTicks($at[1])), [$from, $to]);

        return Isometry::about(new Segment($from, $to), $quarters);
    }
}
