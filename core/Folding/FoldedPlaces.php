<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Isometry;

/** Where panels come to lie when their scores are folded. */
final readonly class FoldedPlaces
{
    /**
     * Every panel, with all scores folded as far as they are in the finished book.
     *
     * @param array<int, array{int, Hinge}> $parents what each hangs on
     * @return array<int, Isometry>
     */
    public static function of(CreasePattern $pattern, array $parents): array
    {
        $places = array_fill(0, count($pattern->faces), Isometry::identity());
        foreach ($parents as $face => [$parent, $hinge]) {
            $places[$face] = self::beyond($pattern, $places[$parent], $hinge, $parent);
        }

        return $places;
    }

    /** The panel beyond a folded score, when this one lies here. */
    public static function beyond(CreasePattern $pattern, Isometry $place, Hinge $hinge, int $from): Isometry
    {
        return $place->after(Isometry::about($pattern->edges[$hinge->edge]->line, FoldAngles::turn($pattern, $hinge, $from)));
    }

    /** @return array{array{float, float}, array{float, float}} where a score lies on the table, in ticks */
    public static function line(CreasePattern $pattern, int $edge, Isometry $place): array
    {
        [$ax, $ay] = $place->apply(...$pattern->vertices[$pattern->edges[$edge]->from]);
        [$bx, $by] = $place->apply(...$pattern->vertices[$pattern->edges[$edge]->to]);

        return [[$ax, $ay], [$bx, $by]];
    }

    /** @return array{array{float, float}, array{float, float}} where the line lies that a score is a piece of, in ticks */
    public static function wholeLine(CreasePattern $pattern, int $edge, Isometry $place): array
    {
        $line = $pattern->edges[$edge]->line;
        [$ax, $ay] = $place->apply($line->from->x->ticks, $line->from->y->ticks);
        [$bx, $by] = $place->apply($line->to->x->ticks, $line->to->y->ticks);

        return [[$ax, $ay], [$bx, $by]];
    }
}
