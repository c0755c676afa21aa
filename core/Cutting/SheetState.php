<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** A sheet after some of its cuts: what has fallen, what is in hand, what still waits to be cut. */
final readonly class SheetState
{
    /**
     * @param list<Blank|Offcut> $fallen that need no further cut
     * @param list<Cut> $inHand equal pieces that the next cut divides, one for each place on a sheet
     * @param list<Cut> $waiting pieces to be cut later
     */
    private function __construct(public array $fallen, public array $inHand, public array $waiting, public ?CutStep $next)
    {
    }

    /** @param int $done cuts made, from the first; 0 to all of them */
    public static function after(SheetPattern $pattern, int $done): self
    {
        $steps = $pattern->steps();
        $lying = [$pattern->tree];
        foreach (array_slice($steps, 0, max(0, $done)) as $step) {
            $signature = $step->cut->signature();
            $after = [];
            foreach ($lying as $piece) {
                $isCut = $piece instanceof Cut && $piece->signature() === $signature;
                array_push($after, ...($isCut ? [$piece->first, $piece->second] : [$piece]));
            }
            $lying = $after;
        }
        $next = $steps[max(0, $done)] ?? null;
        $fallen = [];
        $inHand = [];
        $waiting = [];
        foreach ($lying as $piece) {
            if (! $piece instanceof Cut) {
                $fallen[] = $piece;
            } elseif ($next !== null && $piece->signature() === $next->cut->signature()) {
                $inHand[] = $piece;
            } else {
                $waiting[] = $piece;
            }
        }

        return new self(
            array_values(array_filter($fallen, static fn (Piece $piece): bool => $piece instanceof Blank || $piece instanceof Offcut)),
            $inHand,
            $waiting,
            $next,
        );
    }

    /** Whether a piece that this cut divides lies there. */
    public function has(Cut $cut): bool
    {
        foreach ([...$this->inHand, ...$this->waiting] as $piece) {
            if ($piece->signature() === $cut->signature()) {
                return true;
            }
        }

        return false;
    }
}
