<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Part;

/** One panel of a scene, and what hangs on it or is glued to it. Measures in ticks of its own part's sheet. */
final readonly class SceneNode
{
    /**
     * @param non-empty-list<array{int, int}> $outline
     * @param list<non-empty-list<array{int, int}>> $windows outlines of its windows
     * @param array{array{int, int}, array{int, int}}|null $hinge the score it turns about, null for what does not turn
     * @param int $quarters of a turn about that score, right-handed along it
     * @param int $fold number of the step in which it folds, 0 for none
     * @param int $lift layers it comes to lie above what it hangs on (below: negative), on its own side A
     * @param array{dx: int, dy: int, quarters: int, over: bool, behind: bool, step: int, px: int, py: int}|null $glued where its part
     *   lies on the sheet of what it is glued to: shifted, turned by quarters in the plane, turned over, behind it, and in which step it
     * is glued
     * @param array<string, string> $labels what its sides are in the book, by `A` and `B`
     * @param list<GlueZone> $glue that lie on it
     * @param list<self> $children
     */
    public function __construct(
        public Part $part,
        public string $panel,
        public array $outline,
        public array $windows,
        public ?array $hinge,
        public int $quarters,
        public int $fold,
        public int $lift,
        public ?array $glued,
        public array $labels,
        public array $glue,
        public array $children,
    ) {
    }

    /** It and all that hangs on it. */
    public function count(): int
    {
        return 1 + array_sum(array_map(static fn (self $child): int => $child->count(), $this->children));
    }
}
