<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

/** A panel between scores, slits and the edge of the paper. */
final readonly class PatternFace
{
    /**
     * @param non-empty-list<int> $vertices in order round it
     * @param string $panel key of the part's panel it lies in, with `~2` … for the further parts of one that a slanted score divides,
     *   or `panel-1` … where the part names none
     * @param int $area square ticks, without its windows
     * @param list<non-empty-list<int>> $windows vertices round what lies inside it and touches none of its edges
     */
    public function __construct(public array $vertices, public string $panel, public int $area, public array $windows = [])
    {
    }

    /** @param array<int, int> $number of each vertex, by the number it had */
    public function renumbered(array $number): self
    {
        $loop = static fn (int $vertex): int => $number[$vertex];

        return new self(
            array_map($loop, $this->vertices),
            $this->panel,
            $this->area,
            array_map(static fn (array $window): array => array_map($loop, $window), $this->windows),
        );
    }

    /** Whether one that walks round it, the panel on the right as seen from side A, goes from one corner straight to the other. */
    public function goesFrom(int $from, int $to): bool
    {
        foreach ($this->vertices as $index => $vertex) {
            if ($vertex === $from && $this->vertices[($index + 1) % count($this->vertices)] === $to) {
                return true;
            }
        }

        return false;
    }

    public function name(): string
    {
        [$panel, $part] = [...explode('~', $this->panel, 2), ''];
        $name = str_replace('-', ' ', $panel);

        return $part === '' ? $name : "part {$part} of {$name}";
    }
}
