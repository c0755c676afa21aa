<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use App\Models\PaperMovement;
use App\Models\Project;
use Ephemeron\Fit\StockPlan;
use Ephemeron\WorkPlan;

/** A plan counts on what lay in the drawer when its papers were taken; other books may have been cut from it since. */
final readonly class DrawerChanged
{
    /** @return list<array{string, int, list<string>}> a sentence, the paper it is about (0 when it is gone), and the roles it plays */
    public function since(Project $project, WorkPlan $plan): array
    {
        $said = [];
        $keys = array_filter(array_map(static fn (StockPlan $stock): int => (int) $stock->stock->drawer, $plan->stocks));
        $papers = $keys === [] ? [] : Paper::query()->findMany($keys)->keyBy('id')->all();
        $taken = [];
        $movements = PaperMovement::query()->where('project_id', $project->id)->where('step', '!=', '');
        foreach ($papers === [] ? [] : $movements->get() as $movement) {
            $taken[$movement->paper_id] = ($taken[$movement->paper_id] ?? 0) - $movement->change;
        }
        foreach ($plan->stocks as $stock) {
            if ($stock->stock->drawer === null) {
                continue;
            }
            $paper = $papers[(int) $stock->stock->drawer] ?? null;
            if ($paper === null) {
                $said[] = ["{$stock->stock->name} is not in the drawer any more.", 0, $stock->roles];

                continue;
            }
            // What this book has taken already it need not find there again.
            $there = $paper->count + ($taken[$paper->id] ?? 0);
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
