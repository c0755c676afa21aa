<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Project;

/** Whether one offcut is kept or binned; null: as its size has it. */
final readonly class OffcutSlice implements Slice
{
    public const KIND = 'offcut';

    public function kind(): string
    {
        return self::KIND;
    }

    public function put(Project $project, array $state): void
    {
        $which = ['step' => $state['step'] ?? '', 'offcut' => $state['offcut'] ?? 0];
        is_bool($state['keep'] ?? null)
            ? $project->offcutChoices()->updateOrCreate($which, ['keep' => $state['keep']])
            : $project->offcutChoices()->where($which)->delete();
    }
}
