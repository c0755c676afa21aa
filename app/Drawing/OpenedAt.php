<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\Face;
use Ephemeron\Sketch;

/** The book opened at the face that is asked for, else at its first page. */
final readonly class OpenedAt
{
    public Face $face;

    /** @var list<Face> */
    public array $opening;

    public SpreadDrawing $spreads;

    /** @var list<string> keys of flaps */
    public array $lifted;

    /** @param bool $flapsUp whether all flaps are lifted, and not only those that hide the face */
    public function __construct(Sketch $sketch, Prints $prints, mixed $asked, bool $flapsUp)
    {
        $pages = $sketch->blueprint->pages();
        $face = is_string($asked) ? $sketch->blueprint->faces[$asked] ?? null : null;
        $this->face = $face ?? $pages['page-1'] ?? $pages[array_key_first($pages)] ?? throw new \LogicException('A book has a face.');
        $this->spreads = new SpreadDrawing($sketch, $prints);
        $this->opening = $this->spreads->openingOf($this->face->key);
        $flaps = new FlapsLifted($sketch->blueprint);
        $this->lifted = $flapsUp ? $flaps->all() : $flaps->toSee($this->face);
    }

    /** @return int of its opening, from 0 */
    public function index(): int
    {
        return (int) array_search($this->opening, $this->spreads->openings(), true);
    }
}
