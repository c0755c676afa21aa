<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

/** A print for every place, and what it comes to. */
final readonly class Arrangement
{
    /**
     * @param array<int, int> $looks by want, number of the look; wants that nothing fits are left out
     * @param int $cost {@see Puzzle::POINT} of them make one point of a wish
     */
    public function __construct(public Puzzle $puzzle, public array $looks, public int $cost)
    {
    }

    public function of(int $want): ?Look
    {
        return isset($this->looks[$want]) ? $this->puzzle->looks[$this->looks[$want]] : null;
    }

    /** @return array<int, float> by offer, the sheets it takes as reckoned by shares */
    public function loads(): array
    {
        $loads = array_fill(0, count($this->puzzle->offers), 0.0);
        foreach ($this->looks as $want => $look) {
            $offer = $this->puzzle->looks[$look]->offer;
            $loads[$offer] += $this->puzzle->shares[$want][$offer];
        }

        return $loads;
    }

    /** @return list<string> places that no print on offer is large or plentiful enough for */
    public function empty(): array
    {
        return array_values(array_map(
            static fn (Want $want): string => $want->place,
            array_diff_key($this->puzzle->wants, $this->looks),
        ));
    }
}
