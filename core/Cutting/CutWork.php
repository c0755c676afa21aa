<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** The plan of one paper as it was when a sheet of it was begun: what is cut by it stays as it was planned, whatever is changed later. */
final readonly class CutWork
{
    /**
     * @param string $paper what the paper is known by
     * @param string $name of the paper
     * @param list<string> $roles it played
     * @param list<Demand> $demands as they were asked for, with the letters of then
     * @param CutPlan $plan whose sheets are named
     * @param array<string, int> $spoiled pieces that were spoiled by then, see {@see AsCut}
     */
    public function __construct(
        public string $paper,
        public string $name,
        public array $roles,
        public array $demands,
        public CutPlan $plan,
        public array $spoiled = [],
    ) {
    }

    public function sheet(string $key): ?SheetPattern
    {
        foreach ($this->plan->patterns as $pattern) {
            if ($pattern->key === $key) {
                return $pattern;
            }
        }

        return null;
    }

    /** What a letter of then stood for. */
    public function demand(string $letter): ?Demand
    {
        foreach ($this->demands as $demand) {
            if ($demand->key === $letter) {
                return $demand;
            }
        }

        return null;
    }

    /**
     * The same plan in the letters of now, if the same pieces are asked for.
     *
     * @param list<Demand> $demands
     */
    public function stillFor(array $demands): ?CutPlan
    {
        $letters = $this->letters($demands);
        foreach ($demands as $demand) {
            $then = $this->demand((string) array_search($demand->key, $letters, true));
            if ($then === null || ! $then->asksFor($demand)) {
                return null;
            }
        }

        return count($letters) === count($this->demands) ? $this->plan->lettered($letters) : null;
    }

    /**
     * @param list<Demand> $demands
     * @return array<string, string> letters of now by those of then, of pieces that are known by the same name
     */
    public function letters(array $demands): array
    {
        $now = [];
        foreach ($demands as $demand) {
            $now[$demand->piece] = $demand->key;
        }
        $letters = [];
        foreach ($this->demands as $demand) {
            if (isset($now[$demand->piece])) {
                $letters[$demand->key] = $now[$demand->piece];
            }
        }

        return $letters;
    }
}
