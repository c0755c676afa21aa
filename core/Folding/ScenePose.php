<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Isometry;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;

/** A scene at one moment, all steps up to it done and none begun after: the leaves that are there, from the table up. */
final readonly class ScenePose
{
    /** @param list<PosedLeaf> $leaves from the table up */
    private function __construct(public array $leaves)
    {
    }

    /**
     * @param int $at number of the last step that is done; 0 for none
     * @param bool $fromBehind whether the part all else hangs on lies with its side A down
     * @param int $layer ticks between two layers that lie on each other
     */
    public static function of(Scene $scene, int $at, bool $fromBehind = false, int $layer = 0): self
    {
        $leaves = [];
        $turned = $fromBehind
            ? Isometry::shift($scene->root->part->size->width->ticks, 0)->after(self::turn(0, 0, 0, 1, 2))
            : Isometry::identity();
        self::gather($scene->root, $turned, 0, [], $at, $layer, $leaves);
        usort($leaves, static fn (PosedLeaf $one, PosedLeaf $other): int => $one->height() <=> $other->height());

        return new self($leaves);
    }

    /** @return array{float, float, float, float} what it covers of the table: left, top, right, bottom, in ticks */
    public function bounds(): array
    {
        $corners = array_merge([], ...array_map(static fn (PosedLeaf $leaf): array => $leaf->outline(), $this->leaves));
        [$xs, $ys] = [array_column($corners, 0) ?: [0.0], array_column($corners, 1) ?: [0.0]];

        return [min($xs), min($ys), max($xs), max($ys)];
    }

    /**
     * @param list<array{float, float}> $folds
     * @param list<PosedLeaf> $leaves
     */
    private static function gather(
        SceneNode $node,
        Isometry $place,
        int $glued,
        array $folds,
        int $at,
        int $layer,
        array &$leaves,
    ): void {
        if ($node->glued !== null) {
            $glued = max($glued, $node->glued['step']);
            $place = $place->after(self::glued($node->glued, $layer));
        }
        if ($glued > $at) {
            return;
        }
        if ($node->hinge !== null && $node->quarters !== 0) {
            [[$ax, $ay], [$bx, $by]] = $node->hinge;
            [$dx, $dy] = $place->direction($bx - $ax, $by - $ay);
            $folds[] = [$dx, $dy];
        }
        $isFolded = $node->fold > 0 && $node->fold <= $at;
        if ($isFolded && $node->hinge !== null) {
            [[$ax, $ay], [$bx, $by]] = $node->hinge;
            $place = $place->after(self::turn($ax, $ay, $bx - $ax, $by - $ay, $node->quarters));
        }
        $leaves[] = new PosedLeaf(
            $node,
            $isFolded ? $place->after(Isometry::shift(0, 0, $node->lift * $layer)) : $place,
            $glued,
            $folds,
        );
        foreach ($node->children as $child) {
            self::gather($child, $place, $glued, $folds, $at, $layer, $leaves);
        }
    }

    /** @param array{dx: int, dy: int, quarters: int, over: bool, behind: bool, step: int, px: int, py: int} $glued */
    private static function glued(array $glued, int $layer): Isometry
    {
        $place = Isometry::shift($glued['dx'], $glued['dy'], $glued['behind'] ? -$layer : $layer);
        [$x, $y] = [$glued['px'], $glued['py']];
        // Over twice, about two lines: that turns in the plane by twice the angle between them.
        if ($glued['quarters'] > 0) {
            [$dx, $dy] = [1 => [1, 1], 2 => [0, 1], 3 => [1, -1]][$glued['quarters']];
            $place = $place->after(self::turn($x, $y, $dx, $dy, 2))->after(self::turn($x, $y, 1, 0, 2));
        }

        return $glued['over'] ? $place->after(self::turn($x, $y, 0, 1, 2)) : $place;
    }

    /** By quarters about a line of the table through a point of it. */
    private static function turn(int $px, int $py, int $dx, int $dy, int $quarters): Isometry
    {
        $from = new Point(Length::ofTicks($px), Length::ofTicks($py));

        return Isometry::about(new Segment($from, new Point(Length::ofTicks($px + $dx), Length::ofTicks($py + $dy))), $quarters);
    }
}
