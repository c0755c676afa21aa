<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** All things on the faces of a book: usual, changed, the maker's own. */
final readonly class Furnished
{
    /** @param list<Placed> $things on faces of the book, with their keys */
    public function __construct(public array $things)
    {
    }

    /** @param string $place in the design file, `things.page-1/flap-1.children.pocket-1` */
    public function at(string $place): ?Placed
    {
        $among = $this->things;
        $found = null;
        foreach (explode('.', $place) as $index => $word) {
            if ($index % 2 === 1) {
                $found = null;
                foreach ($among as $thing) {
                    $found = $thing->key === $word ? $thing : $found;
                }
                $among = $found->children ?? [];
            }
        }

        return $found;
    }

    /** @return list<Placed> those on a thing, or on the book where no place is given */
    public function on(?string $place): array
    {
        return $place === null ? $this->things : $this->at($place)->children ?? [];
    }
}
