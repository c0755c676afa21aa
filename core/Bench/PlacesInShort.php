<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Bench\Words\Edges;

/** Where pieces go, without a row of names: `page 1`, `pages 2 to 5 and 8`, `front and back of leaves 1 and 3`, `spine and 3 more`. */
final readonly class PlacesInShort
{
    private const MOST = 2;

    /** From so many on, pages that come again at the same distance are told by it. */
    private const EVERY = 5;

    private const ORDINALS = [2 => 'other', 3 => 'third', 4 => 'fourth', 5 => 'fifth', 6 => 'sixth'];

    /**
     * @param list<string> $places as they are called
     * @param int $most besides whole pages; what goes beyond it is counted
     */
    public static function of(array $places, int $most = self::MOST): string
    {
        $whole = ['page' => [], 'leaf' => []];
        $parts = ['page' => [], 'leaf' => []];
        $others = [];
        foreach (array_unique($places) as $place) {
            if (preg_match('/^(page|leaf) (\d+)(?:, (.+))?$/i', $place, $found) !== 1) {
                $others[] = lcfirst($place);
            } elseif (isset($found[3])) {
                $parts[strtolower($found[1])][$found[3]][] = (int) $found[2];
            } else {
                $whole[strtolower($found[1])][] = (int) $found[2];
            }
        }
        $said = [];
        $further = [];
        foreach (['page' => 'pages', 'leaf' => 'leaves'] as $one => $many) {
            if ($whole[$one] !== []) {
                $said[] = self::numbered($one, $many, $whole[$one]);
            }
            array_push($further, ...self::partsOf($one, $many, $parts[$one]));
        }
        array_push($further, ...array_map(static fn (string $other): array => [$other, 1], $others));
        array_push($said, ...array_column(array_slice($further, 0, $most), 0));
        $more = array_sum(array_column(array_slice($further, $most), 1));
        $isListed = count($said) > 1 && preg_grep('/,/', $said) !== [];

        return implode($isListed ? '; ' : ', ', $said).($more > 0 ? " and {$more} more" : '');
    }

    /**
     * @param array<string, non-empty-list<int>> $parts numbers of the pages by what of them is meant
     * @return list<array{string, int}> said, and how many places that are
     */
    private static function partsOf(string $one, string $many, array $parts): array
    {
        $together = [];
        foreach ($parts as $part => $numbers) {
            sort($numbers);
            $isCounted = preg_match('/^(\D+) (\d+)$/', $part, $found) === 1;
            $stem = $isCounted ? $found[1] : $part;
            // What is a part of a part is not told in one breath with others.
            $alike = implode(',', $numbers).(str_contains($part, ',') ? $stem : '');
            $together[$alike]['numbers'] = $numbers;
            $together[$alike]['parts'][$stem][] = $isCounted ? (int) $found[2] : 0;
        }
        $said = [];
        foreach ($together as ['numbers' => $numbers, 'parts' => $named]) {
            $where = self::numbered($one, $many, $numbers);
            $what = array_map(
                static fn (string $stem): string => max($named[$stem]) === 0 ? $stem : self::numbered($stem, "{$stem}s", $named[$stem]),
                array_keys($named),
            );
            $isOne = count($numbers) === 1 && count($what) === 1;
            $places = count($numbers) * array_sum(array_map(count(...), $named));
            $said[] = [$isOne ? "{$where}, {$what[0]}" : Edges::joined($what)." of {$where}", $places];
        }

        return $said;
    }

    /** @param non-empty-list<int> $numbers */
    private static function numbered(string $one, string $many, array $numbers): string
    {
        if (count($numbers) === 1) {
            return "{$one} {$numbers[0]}";
        }
        sort($numbers);
        $step = $numbers[1] - $numbers[0];
        $last = $numbers[count($numbers) - 1];
        $ordinal = self::ORDINALS[$step] ?? null;

        return count($numbers) >= self::EVERY && $ordinal !== null && $numbers === range($numbers[0], $last, $step)
            ? "every {$ordinal} {$one} from {$numbers[0]} to {$last}"
            : "{$many} ".Edges::joined(self::rows($numbers));
    }

    /**
     * @param non-empty-list<int> $numbers in their order
     * @return list<string>
     */
    private static function rows(array $numbers): array
    {
        $said = [];
        $first = $numbers[0];
        foreach ($numbers as $index => $number) {
            if (($numbers[$index + 1] ?? null) === $number + 1) {
                continue;
            }
            array_push($said, ...($number - $first < 2 ? array_map(strval(...), range($first, $number)) : ["{$first} to {$number}"]));
            $first = $numbers[$index + 1] ?? $number;
        }

        return $said;
    }
}
