<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Brick\Math\BigInteger;

/**
 * The two theorems about a point inside a sheet that is folded flat: alternate angles round it come to half a turn (Kawasaki–Justin), and
 * mountains and valleys differ by two (Maekawa–Justin). Both are necessary; whether all points together fold is for {@see Folder} to show.
 *
 * Angles are compared without measuring them: reflecting about the scores one after the other must bring every direction back, in whole
 * numbers.
 */
final readonly class FlatFoldability
{
    /**
     * @param list<int> $notFlat edges that are not folded flat: points on them are not judged
     * @return array<string, string> sentences by the point they are about
     */
    public static function problems(CreasePattern $pattern, array $notFlat = []): array
    {
        $problems = [];
        foreach (self::interior($pattern, $notFlat) as $vertex => $edges) {
            if (! self::kawasaki($pattern, $vertex, $edges)) {
                $problems["kawasaki {$vertex}"] = sprintf(
                    'Where %d scores meet inside the sheet, the angles between them do not let it lie flat: every other one must come to '
                        .'half a turn in all.',
                    count($edges),
                );
            } elseif (! self::maekawa($pattern, $edges)) {
                $problems["maekawa {$vertex}"] = sprintf(
                    'Where %d scores meet inside the sheet, there must be two more mountains than valleys, or two fewer, for it to lie '
                        .'flat.',
                    count($edges),
                );
            }
        }

        return $problems;
    }

    /**
     * Points inside the sheet where scores meet, with these in order round the point.
     *
     * @param list<int> $notFlat
     * @return array<int, non-empty-list<int>> edges by vertex
     */
    public static function interior(CreasePattern $pattern, array $notFlat = []): array
    {
        $rim = $pattern->rim();
        $around = [];
        foreach ($pattern->edges as $number => $edge) {
            foreach ([$edge->from, $edge->to] as $vertex) {
                if (! isset($rim[$vertex]) && $edge->assignment->isHinge()) {
                    $around[$vertex][] = $number;
                }
            }
        }
        $around = array_filter($around, static fn (array $edges): bool => array_intersect($edges, $notFlat) === []);
        foreach ($around as $vertex => $edges) {
            usort(
                $edges,
                static fn (int $one, int $other): int => self::angle($pattern, $vertex, $one) <=> self::angle($pattern, $vertex, $other),
            );
            $around[$vertex] = $edges;
        }

        return $around;
    }

    /** @param non-empty-list<int> $edges in order round the point */
    public static function kawasaki(CreasePattern $pattern, int $vertex, array $edges): bool
    {
        if (count($edges) % 2 === 1) {
            return false;
        }
        // Two reflections turn by twice the angle between their lines. As complex numbers: the product of (dₖ / d̄ₖ) with alternating sign
        // is 1.
        [$re, $im] = [BigInteger::one(), BigInteger::zero()];
        foreach ($edges as $index => $number) {
            [$p, $q] = self::direction($pattern, $vertex, $number);
            // Their squares are multiplied: no machine number holds that.
            [$sx, $sy] = [$p * $p - $q * $q, 2 * $p * $q * ($index % 2 === 0 ? 1 : -1)];
            [$re, $im] = [$re->multipliedBy($sx)->minus($im->multipliedBy($sy)), $re->multipliedBy($sy)->plus($im->multipliedBy($sx))];
        }

        return $im->isZero() && $re->isPositive();
    }

    /** @param non-empty-list<int> $edges */
    public static function maekawa(CreasePattern $pattern, array $edges): bool
    {
        $kinds = array_count_values(array_map(static fn (int $number): string => $pattern->edges[$number]->assignment->value, $edges));
        $open = $kinds[Assignment::Unassigned->value] ?? 0;
        $difference = abs(($kinds[Assignment::Mountain->value] ?? 0) - ($kinds[Assignment::Valley->value] ?? 0));

        return count($edges) % 2 === 0 && ($open === 0 ? $difference === 2 : ($difference - 2) <= $open);
    }

    private static function angle(CreasePattern $pattern, int $vertex, int $edge): float
    {
        [$dx, $dy] = self::direction($pattern, $vertex, $edge);

        return atan2($dy, $dx);
    }

    /** @return array{int, int} */
    private static function direction(CreasePattern $pattern, int $vertex, int $number): array
    {
        $edge = $pattern->edges[$number];
        $dx = $edge->line->to->x->ticks - $edge->line->from->x->ticks;
        $dy = $edge->line->to->y->ticks - $edge->line->from->y->ticks;

        return $edge->from === $vertex ? [$dx, $dy] : [-$dx, -$dy];
    }
}
