<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** How the pieces of one stock come out of its sheets. */
final readonly class CutPlan
{
    /**
     * @param list<SheetPattern> $patterns
     * @param int $lowerBound fewer sheets than this are impossible
     * @param array<string, int> $missing pieces that did not come out, by demand key: too large for the sheet, or no sheet left
     * @param list<string> $oversize demand keys of pieces that no sheet of this kind can give
     */
    public function __construct(public array $patterns, public int $lowerBound, public array $missing = [], public array $oversize = [])
    {
    }

    public function sheets(): int
    {
        return array_sum(array_map(static fn (SheetPattern $pattern): int => $pattern->count, $this->patterns));
    }
}
