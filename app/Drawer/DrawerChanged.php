<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use App\Models\PaperMovement;
use App\Models\Project;
use Ephemeron\WorkPlan;

/** A plan counts on what lay in the drawer when its papers were taken; other books may have been cut from it since. */
final readonly class DrawerChanged
{
    /** @return list<array{string, int, list<string>}> a sentence, the paper it is about (0 when it is gone), and the roles it plays */
    public function since(Project $project, WorkPlan $plan): array
    {
        $said = [];
        foreach ($plan->stocks as $stock) {
            if ($stock->stock->drawer === null) {
                continue;
            }
            $paper = Paper::query()->find((int) $stock->stock->drawer);
            if ($paper === null) {
                $said[] = ["{$stock->stock->name} is not in the drawer any more.", 0, $stock->roles];

                continue;
            }
            // What this book has taken already it need not find there again.
            $movements = PaperMovement::query()->where('project_id', $project->id)->where('paper_id', $paper->id)
                ->where('step', '!=', '')->get();
            $there = $paper->count - array_sum($movements->map(static fn (PaperMovement $movement): int => $movement->change)->all());
            if ($there < $stock->cuts->sheets()) {
                $said[] = [
                    sprintf(
                        'The plan wants %d %s of %s; the drawer has %d now.',
                        $stock->cuts->sheets(),
                        $stock->cuts->sheets() === 1 ? 'sheet' : 'sheets',
                        $stock->stock->name,
                        $there,
                    ),
                    $paper->id,
                    $stock->roles,
                ];
            }
        }

        return $said;
    }
}
