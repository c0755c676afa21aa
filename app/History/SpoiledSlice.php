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
        $of = Gone::of($state);
        $project->atTheTrimmer()->loses($of->sheet, $project->pieceAtTheTrimmer($of->piece), $of->count);
        Shaping::put($project, $state);
    }
}
