<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Bench\PhotoCount;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Paper\PhotoSize;

/** What a book holds, as one looks for it on the shelf. */
final readonly class Holding
{
    /**
     * @param string $structure its key in the catalogue
     * @param list<string> $kinds of things on its faces
     * @param array<string, int> $prints room for prints, each as if the book held only that size, by {@see PhotoSize}
     */
    private function __construct(public string $structure, public array $kinds, public array $prints)
    {
    }

    public static function of(string $structure, Blueprint $blueprint): self
    {
        $prints = [];
        foreach (PhotoCount::ofEach(PhotoSize::cases(), $blueprint) as $count) {
            $prints[$count->photo->value] = $count->total();
        }
        $kinds = array_map(static fn (Thing $thing): string => $thing->kind, $blueprint->all(Thing::class));

        return new self($structure, array_values(array_unique($kinds)), $prints);
    }
}
