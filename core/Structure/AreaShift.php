<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

/** How the areas of a base are counted anew when one of its panels has become two, or two have become one. */
final readonly class AreaShift
{
    /**
     * @param bool $across whether the panels lie side by side
     * @param int $panel from 1: the panel that was split, or the first of those that were joined
     * @param int $more 1 or -1
     */
    public function __construct(public bool $across, public int $panel, public int $more)
    {
    }

    /** Number of a panel beyond it; the others keep theirs. */
    public function of(int $panel): int
    {
        return $panel > $this->panel ? $panel + $this->more : $panel;
    }

    /**
     * Key of a face of the base, or of a mat on it: `base-2-1-back`, `base-2-1/mat-1`. Things keep the key they were put on by, and what
     * is on them.
     */
    public function key(string $key): string
    {
        if (preg_match('~^base-(\d+)-(\d+)((?:-back)?(?:/mat-[^/]+)?)$~', $key, $found) !== 1) {
            return $key;
        }
        [$column, $row] = [(int) $found[1], (int) $found[2]];

        return sprintf('base-%d-%d%s', $this->across ? $this->of($column) : $column, $this->across ? $row : $this->of($row), $found[3]);
    }
}
