<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

/** Where pieces go, without a row of names: `page 1`, `pages 2 to 5 and 8`, `front cover and 3 more`. */
final readonly class PlacesInShort
{
    private const MOST = 2;

    /** @param list<string> $places as they are called */
    public static function of(array $places): string
    {
        $numbers = [];
        $others = [];
        foreach (array_unique($places) as $place) {
            preg_match('/^page (\d+)$/i', $place, $found) === 1 ? $numbers[] = (int) $found[1] : $others[] = lcfirst($place);
        }
        sort($numbers);
        $said = $numbers === [] ? [] : [(count($numbers) === 1 ? 'page ' : 'pages ').self::rows($numbers)];
        array_push($said, ...array_slice($others, 0, self::MOST));
        $more = count($others) - self::MOST;

        return implode(', ', $said).($more > 0 ? " and {$more} more" : '');
    }

    /** @param non-empty-list<int> $numbers in their order */
    private static function rows(array $numbers): string
    {
        $said = [];
        $first = $numbers[0];
        foreach ($numbers as $index => $number) {
            if (($numbers[$index + 1] ?? null) !== $number + 1) {
                $said[] = match ($number - $first) {
                    0 => (string) $number,
                    1 => "{$first} and {$number}",
                    default => "{$first} to {$number}",
                };
                $first = $numbers[$index + 1] ?? $number;
            }
        }

        return implode(', ', $said);
    }
}
