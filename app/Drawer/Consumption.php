<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use App\Models\PaperMovement;
use App\Models\Project;
use Ephemeron\Bench\Step;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\WorkPlan;

/** What a ticked cut takes from the drawer, and the leftovers it puts there; taking the tick back puts all of it back. */
final readonly class Consumption
{
    /** Leftovers narrower than this are scraps. */
    public static function narrowestKept(): Length
    {
        return Length::inches(2);
    }

    public function take(Project $project, WorkPlan $plan, Step $step): void
    {
        [$stock, $pattern] = $this->patternOf($plan, $step) ?? [null, null];
        $paper = $stock === null || $stock->stock->drawer === null ? null : Paper::query()->find((int) $stock->stock->drawer);
        if ($paper === null || $pattern === null) {
            return;
        }
        $paper->move(-$pattern->count, "Cut for {$project->name}", $project, $step->key);
        foreach ($pattern->offcuts() as $offcut) {
            $size = $offcut->area()->size;
            if ($size->shortSide()->isAtLeast(self::narrowestKept())) {
                $this->leftover($paper, $size)->move($pattern->count, "Left over from {$project->name}", $project, $step->key);
            }
        }
    }

    public function putBack(Project $project, Step $step): void
    {
        foreach (PaperMovement::query()->with('paper')->where('project_id', $project->id)->where('step', $step->key)->get() as $movement) {
            $paper = $movement->paper;
            if ($paper === null) {
                continue;
            }
            $paper->move(-$movement->change, "Put back: {$movement->why}");
            $movement->update(['step' => null]);
            if ($paper->kind === 'leftover' && $paper->count === 0) {
                $paper->delete();
            }
        }
    }

    private function leftover(Paper $paper, Size $size): Paper
    {
        return Paper::query()->firstOrCreate(
            ['parent_id' => $paper->id, 'kind' => 'leftover', 'width' => $size->width->ticks, 'height' => $size->height->ticks],
            [...$paper->only(['pad', 'weight', 'sides', 'direction', 'grain', 'place', 'tags', 'swatch', 'picture']), 'name' => mb_substr($paper->name, 0, 70).', leftover'],
        );
    }

    /** @return array{StockPlan, SheetPattern}|null */
    private function patternOf(WorkPlan $plan, Step $step): ?array
    {
        foreach ($plan->stocks as $stock) {
            foreach ($stock->cuts->patterns as $index => $pattern) {
                if ($step->key === "cut-{$stock->roles[0]}-".($index + 1)) {
                    return [$stock, $pattern];
                }
            }
        }

        return null;
    }
}
