<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Project;

/** One note: what it says, or that it is struck. */
final readonly class NoteSlice implements Slice
{
    public const KIND = 'note';

    public function kind(): string
    {
        return self::KIND;
    }

    public function put(Project $project, array $state): void
    {
        $mark = is_string($state['mark'] ?? null) ? $state['mark'] : '';
        $project->notes()->where('mark', $mark)->delete();
        if (is_string($state['text'] ?? null)) {
            $project->notes()->create([
                'mark' => $mark,
                'step' => $state['step'] ?? '',
                'text' => $state['text'],
                ...array_intersect_key($state, array_flip(['part', 'panel', 'is_play', 'axis', 'planned', 'came', 'photo'])),
            ]);
        }
    }
}
