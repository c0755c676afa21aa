<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Project;

/** A part of what is known about a book that can be put into one state or another: its design, the ticks of a step, a note. */
interface Slice
{
    public function kind(): string;

    /**
     * Puts it into that state, with all that goes with it in the drawer.
     *
     * @param array<string, mixed> $state as an event keeps it
     *
     * @throws CannotTakeBack
     */
    public function put(Project $project, array $state): void;
}
