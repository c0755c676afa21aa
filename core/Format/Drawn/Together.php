<?php

declare(strict_types=1);

namespace Ephemeron\Format\Drawn;

/** Places of a drawing that are all but equal are equal: files write coordinates with few digits. */
final readonly class Together
{
    /** Ticks that coordinates may be off. */
    public const SLOPPY = 8;

    /**
     * @param non-empty-list<array{int, int}> $places ticks
     * @return non-empty-list<array{int, int}>
     */
    public static function drawn(array $places): array
    {
        [$xs, $ys] = [self::along(array_column($places, 0)), self::along(array_column($places, 1))];

        return array_map(static fn (array $place): array => [$xs[$place[0]], $ys[$place[1]]], $places);
    }

    /**
     * @param list<int> $places
     * @return array<int, int> by the place as given
     */
    private static function along(array $places): array
    {
        sort($places);
        $first = $places[0] ?? 0;
        $together = [];
        foreach ($places as $place) {
            $first = $place - $first <= self::SLOPPY ? $first : $place;
            $together[$place] = $first;
        }

        return $together;
    }
}
