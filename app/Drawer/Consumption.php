<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use App\Models\PaperMovement;
use App\Models\Project;
use Ephemeron\Bench\Step;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\WorkPlan;

/** What a ticked cut takes from the drawer, and the leftovers it puts there; taking the tick back puts all of it back. */
final readonly class Consumption
{
    public function __construct(private WorthKeeping $keeping)
    {
    }

    public function take(Project $project, WorkPlan $plan, Step $step): void
    {
        $pattern = $plan->patternOf($step);
        $paper = $pattern === null || $pattern->supply->key === '' ? null : Paper::query()->find((int) $pattern->supply->key);
        if ($paper === null || $pattern === null) {
            return;
        }
        $paper->move(-$pattern->count, "Cut for {$project->name}", $project, $step->key);
        $chosen = $project->offcutChoices()->where('step', $step->key)->pluck('keep', 'offcut');
        foreach ($pattern->offcuts() as $index => $offcut) {
            $size = $offcut->area()->size;
            if ($chosen[$index] ?? $this->keeping->is($size)) {
                $this->leftover($paper, $offcut->area())->move($pattern->count, "Left over from {$project->name}", $project, $step->key);
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

    /** Where it lay on the sheet is kept: there is its part of the picture. */
    private function leftover(Paper $paper, Rectangle $area): Paper
    {
        $place = ['cut_left' => $paper->cut_left + $area->left()->ticks, 'cut_top' => $paper->cut_top + $area->top()->ticks];

        return Paper::query()->firstOrCreate(
            ['parent_id' => $paper->parent_id ?? $paper->id, 'kind' => 'leftover', 'width' => $area->size->width->ticks, 'height' => $area->size->height->ticks, ...($paper->picture === null ? [] : $place)],
            [...$paper->only(['pad', 'weight', 'sides', 'direction', 'grain', 'place', 'tags', 'swatch', 'swatch_b', 'thickness', 'picture', 'picture_b']), 'name' => $paper->kind === 'leftover' ? $paper->name : mb_substr($paper->name, 0, 70).', leftover', ...$place],
        );
    }
}
