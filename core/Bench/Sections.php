<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;

/** After cutting: letters, and the pieces of a section together. */
final readonly class Sections
{
    public function __construct(private Desk $desk)
    {
    }

    /** @return list<Step> */
    public function steps(): array
    {
        $places = [];
        foreach ($this->desk->workings->blueprint->sections() as $section => $parts) {
            $pieces = array_map(
                fn (Part $part): string => trim(
                    sprintf(
                        '%s%s %s',
                        $this->desk->count($part) > 1 ? "{$this->desk->count($part)} " : '',
                        $part->letter,
                        $this->where($part),
                    ),
                ),
                $parts,
            );
            $places[] = "{$section}: ".implode(', ', $pieces);
        }
        if ($this->desk->workings->blueprint->pieces() < 2) {
            return [];
        }

        return [new Step(
            'sort',
            Phase::Sort,
            'Clip the pieces of each section together',
            'Pencil its letter on the side of each piece that will not be seen, upright as the piece lies in the drawing: from here on '
                .'that is the letter side. Clip the sections; pieces of two sections look alike and are not.',
            'Cutting',
            places: $places,
            picture: Picture::sections(),
        )];
    }

    /** `(page 1)`. */
    private function where(Part $part): string
    {
        $places = PlacesInShort::of($part->places);

        return $places === '' ? '' : "({$places})";
    }
}
