<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Isometry;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Axis;
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
        $leftEdge = Segment::across(Axis::Width, Length::zero(), Length::zero(), $scene->root->part->size->height);
        $turned = $fromBehind
            ? Isometry::shift($scene->root->part->size->width->ticks, 0)->after(Isometry::about($leftEdge, 2))
            : Isometry::identity();
        self::gather($scene->root, $turned, 0, [], $at, $layer, $leaves);
        $heights = array_map(static fn (PosedLeaf $leaf): float => $leaf->height(), $leaves);
        asort($heights);

        return new self(array_map(static fn (int $index): PosedLeaf => $leaves[$index], array_keys($heights)));
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
            $place = $place->after($node->glueing($layer));
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
        if ($isFolded) {
            $place = $place->after($node->turn());
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
}
