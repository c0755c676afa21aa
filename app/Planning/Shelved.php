<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;

/** A book as it stands on the shelf: planned, or not readable. */
final readonly class Shelved
{
    /** @param ShelfSummary|null $summary null where it cannot be read or planned, which the trouble says why */
    public function __construct(
        public Project $project,
        public ?ShelfSummary $summary,
        public string $trouble = '',
        public bool $isUnderWay = false,
    ) {
    }
}
