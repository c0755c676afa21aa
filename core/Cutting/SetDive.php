<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Takes the sets for good that the linear programme takes most of, and solves it again for what is left, with new sets; of a few pieces
 * that are left it looks through every way. Then it does so again, and here and there takes a set that the programme takes less of; each
 * time it turns aside more often. (Diving with limited discrepancy: R. Sadykov, F. Vanderbeck, A. Pessoa, I. Tahiri and E. Uchoa, INFORMS
 * Journal on Computing 31, 2019; cited from memory.)
 */
final readonly class SetDive
{
    /** The programme’s numbers are floating point. */
    private const CAUTION = 1e-6;

    /** Units for every way of what is left. */
    private const EVERY_WAY = Effort::A_SECOND >> 6;

    /**
     * @param list<int> $order kinds
     * @param list<list<float>> $shares by way and place, see {@see DearestSets}
     * @param list<list<float>> $ofKinds by way and kind, see {@see EveryWay}
     */
    public function __construct(
        private Measured $task,
        private array $order,
        private FoundSets $found,
        private PieceSets $sets,
        private array $shares,
        private array $ofKinds,
        private Effort $effort,
    ) {
    }

    /**
     * @param SetProgramme $programme of all that is wanted
     * @param list<int> $wanted by place
     * @return list<Slab>|null one for each sheet; null: none were found
     */
    public function within(SetProgramme $programme, array $wanted, int $sheets): ?array
    {
        $root = $this->taken($programme, $sheets);
        for ($aside = 0; $aside < count($root) && ! $this->effort->isSpent(); $aside++) {
            $slabs = $this->take($root, $wanted, $sheets, $aside);
            if ($slabs !== null) {
                return $slabs;
            }
        }

        return null;
    }

    /**
     * What is left, in every way or as the programme takes it.
     *
     * @param array<int, int> $wanted
     * @param int $aside how often it may turn aside
     * @return list<Slab>|null
     */
    private function finish(array $wanted, int $sheets, int $aside): ?array
    {
        if (array_sum($wanted) <= SheetSets::MOST_PIECES) {
            $effort = Effort::of(min(self::EVERY_WAY, $this->effort->left()));
            $every = new EveryWay($this->task, $this->kinds($wanted), $this->ofKinds, $effort);
            $slabs = $every->within($sheets);
            $this->effort->spend($effort->spent());
            if ($slabs !== null || ! $every->gaveUp()) {
                return $slabs;
            }
        }

        return $this->take($this->taken($this->programme(array_values($wanted)), $sheets), $wanted, $sheets, $aside);
    }

    /**
     * @param list<array{float, array<int, int>}> $taken how often each set is taken
     * @param array<int, int> $wanted
     * @return list<Slab>|null
     */
    private function take(array $taken, array $wanted, int $sheets, int $aside): ?array
    {
        $this->effort->spend(10 * count($taken));
        usort($taken, static fn (array $one, array $other): int => $other[0] <=> $one[0]);
        $whole = [];
        foreach ($taken as $turn => [$often, $set]) {
            $rest = self::without($wanted, $set);
            if ($rest === null) {
                continue;
            }
            if ($often > 1 - self::CAUTION) {
                // What is taken wholly is taken in any case.
                [$wanted, $whole[]] = [$rest, $set];

                continue;
            }
            if ($whole !== [] || $turn > $aside) {
                break;
            }
            $others = $this->finish($rest, $sheets - 1, $aside - $turn);
            if ($others !== null) {
                return $this->with([$set], $others);
            }
        }
        $others = $whole === [] ? null : $this->finish($wanted, $sheets - count($whole), $aside);

        return $others === null ? null : $this->with($whole, $others);
    }

    /** @param list<int> $wanted by place */
    private function programme(array $wanted): SetProgramme
    {
        $dearest = new DearestSets($this->sets, $wanted, $this->shares, $this->effort);

        return new SetProgramme($this->found, $dearest, $wanted, $this->effort);
    }

    /** @return list<array{float, array<int, int>}> how often each set is taken; none: so few sheets will not do, or nothing was found */
    private function taken(SetProgramme $programme, int $sheets): array
    {
        $isThere = $this->comesTo($programme, $sheets);
        // By what whole sheets keep to, once: what is taken is nearer to whole sheets then. More often it is not worth its time.
        if ($isThere && $programme->sharpen()) {
            $isThere = $this->comesTo($programme, $sheets);
        }

        return $isThere ? $programme->taken() : [];
    }

    private function comesTo(SetProgramme $programme, int $sheets): bool
    {
        // As soon as so few sheets do it goes on: what more sets would save is not worth the time.
        while ($programme->optimise() > $sheets * SetProgramme::A_SHEET) {
            if ($programme->grow(SetProgramme::A_SHEET) !== Growth::Grown) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<array<int, int>> $sets
     * @param list<Slab> $slabs
     * @return list<Slab>|null null: the effort came to its end
     */
    private function with(array $sets, array $slabs): ?array
    {
        foreach ($sets as $set) {
            $slabs[] = SheetSets::sheet($this->task, $this->kinds($set), $this->effort);
        }

        return in_array(null, $slabs, true) ? null : $slabs;
    }

    /**
     * @param array<int, int> $wanted
     * @param array<int, int> $set
     * @return array<int, int>|null null: there are not so many any more
     */
    private static function without(array $wanted, array $set): ?array
    {
        foreach ($set as $place => $count) {
            $wanted[$place] -= $count;
        }

        return array_filter($wanted, static fn (int $count): bool => $count < 0) === [] ? $wanted : null;
    }

    /**
     * @param array<int, int> $wanted by place
     * @return list<int>
     */
    private function kinds(array $wanted): array
    {
        return array_map(fn (int $place): int => $this->order[$place], Measured::each($wanted));
    }
}
