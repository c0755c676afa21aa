<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Puts the cuts of a pattern in the order of the hands: equal pieces are cut together, and the fence stays where
 * it is for as long as it can.
 */
final readonly class CutSequence
{
    /** @return list<CutStep> */
    public function of(SheetPattern $pattern): array
    {
        /** @var array<string, array{Cut, int}> $pending by signature */
        $pending = [];
        $this->lay($pending, $pattern->tree, $pattern->count);

        $steps = [];
        $last = null;
        while ($pending !== []) {
            $signature = $this->next($pending, $last);
            [$cut, $together] = $pending[$signature];
            unset($pending[$signature]);
            $sameFence = $last?->at->equals($cut->at) === true;
            $steps[] = new CutStep(
                count($steps) + 1,
                $cut->area()->size(),
                $cut->along,
                $cut->at,
                $together,
                $sameFence,
                $cut->first,
                $cut->second,
                $cut,
            );
            $this->lay($pending, $cut->first, $together);
            $this->lay($pending, $cut->second, $together);
            $last = $cut;
        }

        return $steps;
    }

    /** @param array<string, array{Cut, int}> $pending */
    private function lay(array &$pending, Piece $piece, int $count): void
    {
        if (! $piece instanceof Cut) {
            return;
        }
        $signature = $piece->signature();
        $pending[$signature] = [$piece, $count + ($pending[$signature][1] ?? 0)];
    }

    /**
     * Same side and same fence first, then the same side, then the largest piece: large pieces give off strips,
     * and strips that are alike wait for each other.
     *
     * @param non-empty-array<string, array{Cut, int}> $pending
     */
    private function next(array $pending, ?Cut $last): string
    {
        $best = array_key_first($pending);
        foreach ($pending as $signature => [$cut]) {
            if ($this->rank($cut, $last) > $this->rank($pending[$best][0], $last)) {
                $best = $signature;
            }
        }

        return $best;
    }

    /** @return array{int, int, int} */
    private function rank(Cut $cut, ?Cut $last): array
    {
        $sameSide = $last !== null && $last->along === $cut->along;

        return [(int) ($sameSide && $last->at->equals($cut->at)), (int) $sameSide, $cut->area()->size()->area()];
    }
}
