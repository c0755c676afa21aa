<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Which sets of pieces come out of one sheet by cuts from edge to edge, exactly, where there are many pieces and few on a sheet: a set is a
 * string with a byte for each piece, the place of its kind in an order. See {@see SheetSets} for few pieces of which any number goes on a
 * sheet.
 *
 * A strip within a set that is too narrow to come off is not looked at.
 */
final class PieceSets
{
    /** Kinds that a byte tells apart. */
    public const MOST_KINDS = 256;

    /** So many pieces fall into two parts in too many ways. */
    private const MOST_PIECES = 12;

    /** Sets that are remembered: about 250 bytes each. */
    private const MOST_SETS = 600_000;

    /** @var array<string, list<int>> {@see TightRectangles} by set */
    private array $rectangles = [];

    private readonly TightRectangles $tight;

    private bool $gaveUp = false;

    /**
     * @param list<int> $order kinds
     * @param int $width of the sheet, in units
     */
    public function __construct(Measured $task, private readonly array $order, int $width, int $height, private readonly Effort $effort)
    {
        $this->tight = new TightRectangles($width, $height, $task, $effort);
        foreach ($order as $place => $kind) {
            $this->rectangles[chr($place)] = $this->tight->ofPiece($kind);
        }
    }

    /** Whether a set was too large or came too late to be settled: what was said to be impossible since may not be. */
    public function gaveUp(): bool
    {
        return $this->gaveUp;
    }

    /** @param string $set places in order, a byte each */
    public function comesOut(string $set): bool
    {
        return $this->tight->comeOff(
            $this->rectangles($set),
            fn (): array => array_map(fn (string $place): int => $this->order[ord($place)], str_split($set)),
        );
    }

    /** @return list<int> */
    private function rectangles(string $set): array
    {
        if (isset($this->rectangles[$set])) {
            return $this->rectangles[$set];
        }
        $others = strlen($set) - 1;
        if ($others >= self::MOST_PIECES || count($this->rectangles) >= self::MOST_SETS || $this->effort->isSpent()) {
            $this->gaveUp = true;
        }
        if ($this->gaveUp) {
            return [];
        }
        // Every part of all pieces but the first, and what is left with the first then; of equal pieces it matters only how many there are.
        [$parts, $rests] = [[''], [$set[0]]];
        for ($at = 1; $at <= $others; $at += $alike) {
            $alike = strspn($set, $set[$at], $at);
            [$before, $left] = [$parts, $rests];
            for ($taken = 1; $taken <= $alike; $taken++) {
                foreach ($before as $number => $part) {
                    $parts[] = $part.str_repeat($set[$at], $taken);
                    $rests[] = $left[$number].str_repeat($set[$at], $alike - $taken);
                }
            }
            foreach ($left as $number => $rest) {
                $rests[$number] = $rest.str_repeat($set[$at], $alike);
            }
        }
        $least = [];
        for ($number = 1, $ways = count($parts); $number < $ways; $number++) {
            $those = $this->rectangles($parts[$number]);
            $these = $those === [] ? [] : $this->rectangles($rests[$number]);
            if ($these === []) {
                // What a part of it does not hold the whole does not either.
                return $this->gaveUp() ? [] : $this->rectangles[$set] = [];
            }
            $this->tight->join($these, $those, $least);
        }

        return $this->rectangles[$set] = $this->tight->smallest($least);
    }
}
