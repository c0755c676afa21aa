<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

/** Says what a layout could not keep, and why as far as that can be seen. */
final readonly class Unkept
{
    /** From so much difference one sees that two prints do not go together (CIEDE2000; from memory, to taste). */
    private const CLASH = 40.0;

    /** Up to so much they are hardly told apart (CIEDE2000; from memory, to taste). */
    private const ALIKE = 12.0;

    /** @return list<string> sentences, the weightier wishes first */
    public static function in(Arrangement $arrangement): array
    {
        $puzzle = $arrangement->puzzle;
        $said = array_map(
            static fn (string $place): string => "No print on offer is large enough, or left, for {$place}.",
            $arrangement->empty(),
        );
        foreach ($puzzle->beside as $one => $others) {
            foreach ($others as [$other, $table]) {
                $sentence = $one < $other ? self::sentence($arrangement, $one, $other, $table) : null;
                $said = $sentence === null ? $said : [...$said, $sentence];
            }
        }
        foreach ($puzzle->wants as $number => $want) {
            $look = $arrangement->of($number);
            $hasBest = array_filter($puzzle->offers, static fn (Offer $offer): bool => $offer->isBest) !== [];
            $isOpen = ! isset($puzzle->said[$number]);
            if ($isOpen && $want->isCover && $look !== null && $hasBest && ! $puzzle->offers[$look->offer]->isBest) {
                $said[] = ucfirst("{$want->name} has not the best print: it goes where it does more.");
            }
        }

        return array_values(array_unique($said));
    }

    private static function sentence(Arrangement $arrangement, int $one, int $other, int $table): ?string
    {
        $puzzle = $arrangement->puzzle;
        [$look, $seen] = [$arrangement->of($one), $arrangement->of($other)];
        if ($look === null || $seen === null) {
            return null;
        }
        [$a, $b] = [$puzzle->wants[$one]->name, $puzzle->wants[$other]->name];
        [$print, $second] = [$puzzle->offers[$look->offer]->stock->name, $puzzle->offers[$seen->offer]->stock->name];
        $distance = $puzzle->distance($look, $seen);

        return match (true) {
            $table === 1 && $look->offer === $seen->offer => ucfirst("{$a} and {$b} follow each other in {$print}."),
            $table === 0 && $look->offer !== $seen->offer && $distance > self::CLASH => ucfirst(
                "{$a} in {$print} faces {$b} in {$second}: they hardly go together.",
            ),
            $table === 2 && ($look == $seen || $distance < self::ALIKE) => ucfirst(
                "{$a} in {$print} hardly stands out from {$b} in {$second}.",
            ),
            default => null,
        };
    }
}
