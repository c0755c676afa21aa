<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

/** A panel between scores, slits and the edge of the paper. */
final readonly class PatternFace
{
    /**
     * @param non-empty-list<int> $vertices in order round it
     * @param string $panel key of the part's panel it lies in, with `~2` … for the further parts of one that a slanted score divides, or `panel-1` … where the part names none
     * @param int $area square ticks
     */
    public function __construct(public array $vertices, public string $panel, public int $area)
    {
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
