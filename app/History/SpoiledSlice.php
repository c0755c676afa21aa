<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Project;
use App\Planning\Shaping;

/** How many pieces of a sheet are spoiled, and what of their shaping is ticked: a piece that is cut anew is scored and folded anew. */
final readonly class SpoiledSlice implements Slice
{
    public const KIND = 'spoiled';

    public function kind(): string
    {
        return self::KIND;
    }

    public function put(Project $project, array $state): void
    {
        $which = ['sheet' => $state['sheet'] ?? '', 'piece' => $state['piece'] ?? ''];
        $count = is_int($state['count'] ?? null) ? $state['count'] : 0;
        $count > 0
            ? $project->spoiledPieces()->updateOrCreate($which, ['count' => $count])
            : $project->spoiledPieces()->where($which)->delete();
        Shaping::put($project, $state);
    }
}
