<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Words;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Paper\StockRole;

/**
 * What a piece is called at the table: its letter, and the side it is pencilled on. The letter stands on the side that is not seen in the
 * finished book.
 */
final readonly class Pieces
{
    public function __construct(private Blueprint $blueprint)
    {
    }

    /** `C (page)`. */
    public function piece(string $part): string
    {
        $found = $this->blueprint->part($part);

        return sprintf('%s (%s)', $found->letter, explode(',', $found->called())[0]);
    }

    /** `the tab of C (flap)` or `C (flap)`. */
    public function panel(PanelRef $panel): string
    {
        if ($panel->panel === 'whole') {
            return $this->piece($panel->part);
        }
        // As it lies with the letter down, the front half of a leaf is the right one.
        $name = strtr($this->blueprint->part($panel->part)->panel($panel->panel)->name, ['recto' => 'right', 'verso' => 'left']);

        return (preg_match('/\d$/', $name) === 1 ? '' : 'the ')."{$name} of {$this->piece($panel->part)}";
    }

    /** `letter side` or `side without the letter`. */
    public function side(PanelRef $panel): string
    {
        return $this->blueprint->part($panel->part)->shows === $panel->side ? 'side without the letter' : 'letter side';
    }

    /** @param list<string> $parts */
    public function listed(array $parts): string
    {
        $leaves = array_filter($parts, fn (string $part): bool => $this->blueprint->part($part)->role === StockRole::Leaf);
        if (count($leaves) > 1) {
            return Edges::joined([
                ...array_map($this->piece(...), array_values(array_unique(array_diff($parts, $leaves)))),
                'the sheets of the signatures',
            ]);
        }

        return Edges::joined(array_map($this->piece(...), array_values(array_unique($parts))));
    }
}
