<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Folding\FoldedSheet;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\Folding\SceneNode;
use Ephemeron\Structure\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a browser makes of a scene: boxes within boxes, each turned about its score. The turns are multiplied out here as CSS defines
 * rotate3d (CSS Transforms Module Level 2, from memory) and must bring every panel where the exact isometries of the folded sheet put it.
 */
final class SceneGeometryTest extends TestCase
{
    use Designs;

    #[DataProvider('structures')]
    public function test_nested_turns_bring_every_panel_to_its_place(string $structure): void
    {
        $plan = $this->plan($structure);
        $builder = new SceneBuilder($plan->blueprint, $plan->notation());
        foreach ($plan->blueprint->parts as $key => $part) {
            if ($part->creases === []) {
                continue;
            }
            $scene = $builder->scene((string) $key);
            $this->assertNotNull($scene);
            $folded = $builder->foldedSheet($part);
            $this->compare(
                $scene->root,
                [[1.0, 0.0, 0.0, 0.0], [0.0, 1.0, 0.0, 0.0], [0.0, 0.0, 1.0, 0.0]],
                $folded,
                "{$structure}, {$key}",
            );
        }
    }

    /** @return iterable<string, array{string}> */
    public static function structures(): iterable
    {
        foreach (Catalogue::ofTheHouse()->keys() as $key) {
            yield $key => [$key];
        }
    }

    /** @param list<array{float, float, float, float}> $matrix rows of an affine map */
    private function compare(SceneNode $node, array $matrix, FoldedSheet $folded, string $where): void
    {
        if ($node->hinge !== null) {
            $matrix = $this->times($matrix, $this->turn($node));
        }
        $face = $folded->pattern->faceOf($node->panel);
        $this->assertNotNull($face);
        foreach ($node->outline as [$x, $y]) {
            [$ex, $ey, $ez] = $folded->places[$face]->apply($x, $y);
            $this->assertEqualsWithDelta($ex, $matrix[0][0] * $x + $matrix[0][1] * $y + $matrix[0][3], 0.01, "{$where}, {$node->panel}, x");
            $this->assertEqualsWithDelta($ey, $matrix[1][0] * $x + $matrix[1][1] * $y + $matrix[1][3], 0.01, "{$where}, {$node->panel}, y");
            $this->assertEqualsWithDelta($ez, $matrix[2][0] * $x + $matrix[2][1] * $y + $matrix[2][3], 0.01, "{$where}, {$node->panel}, z");
        }
        foreach ($node->children as $child) {
            if ($child->glued === null) {
                $this->compare($child, $matrix, $folded, $where);
            }
        }
    }

    /** @return list<array{float, float, float, float}> rotate3d(x, y, 0, 90° × quarters) about the origin of the score */
    private function turn(SceneNode $node): array
    {
        [[$ax, $ay], [$bx, $by]] = $node->hinge ?? [[0, 0], [1, 0]];
        $length = hypot($bx - $ax, $by - $ay);
        [$x, $y] = [($bx - $ax) / $length, ($by - $ay) / $length];
        [$c, $s] = [cos($node->quarters * M_PI / 2), sin($node->quarters * M_PI / 2)];
        $turn = [
            [$c + $x * $x * (1 - $c), $x * $y * (1 - $c), $y * $s, 0.0],
            [$x * $y * (1 - $c), $c + $y * $y * (1 - $c), -$x * $s, 0.0],
            [-$y * $s, $x * $s, $c, 0.0],
        ];
        $there = [[1.0, 0.0, 0.0, (float) $ax], [0.0, 1.0, 0.0, (float) $ay], [0.0, 0.0, 1.0, 0.0]];
        $back = [[1.0, 0.0, 0.0, (float) -$ax], [0.0, 1.0, 0.0, (float) -$ay], [0.0, 0.0, 1.0, 0.0]];

        return $this->times($this->times($there, $turn), $back);
    }

    /**
     * @param list<array{float, float, float, float}> $one
     * @param list<array{float, float, float, float}> $other
     * @return list<array{float, float, float, float}>
     */
    private function times(array $one, array $other): array
    {
        $product = [];
        for ($row = 0; $row < 3; $row++) {
            $line = [];
            for ($column = 0; $column < 4; $column++) {
                $line[] = $one[$row][0] * $other[0][$column]
                    + $one[$row][1] * $other[1][$column]
                    + $one[$row][2] * $other[2][$column]
                    + ($column === 3 ? $one[$row][3] : 0.0);
            }
            $product[] = $line;
        }

        return $product;
    }
}
