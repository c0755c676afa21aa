<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\Consumption;
use App\Http\Requests\TickRequest;
use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Bench\Step;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

final readonly class TickController
{
    public function __construct(private ProjectEditor $editor, private Consumption $consumption)
    {
    }

    public function update(TickRequest $request, Project $project): RedirectResponse
    {
        $plan = $this->editor->plan($project);
        $steps = $plan->steps;
        $step = collect($steps)->first(static fn (Step $step): bool => $step->key === $request->step()) ?? abort(404);
        $place = $request->place();

        // Ticks and what they take from the drawer go together or not at all.
        DB::transaction(function () use ($project, $plan, $step, $place, $request): void {
            $was = $project->ticks()->where('key', $step->key)->exists();
            $request->done()
                ? $this->tick($project, $step, $place)
                : $this->untick($project, $step, $place);
            $is = $project->ticks()->where('key', $step->key)->exists();
            match (true) {
                ! $was && $is => $this->consumption->take($project, $plan, $step),
                $was && ! $is => $this->consumption->putBack($project, $step),
                default => null,
            };
            $project->touch();
        });
        if ($request->isAtTheTrimmer()) {
            return redirect()->route('cut', ['project' => $project, ...($request->done() ? [] : ['sheet' => $step->key])], 303);
        }
        if ($request->isAtTheBoard()) {
            return redirect()->to(route('score', $project)."#{$step->key}", 303);
        }
        $next = $request->boolean('next') ? ($steps[$step->number] ?? $step) : $step;

        return redirect()->route('bench', ['project' => $project, 'step' => $next->key], 303);
    }

    private function tick(Project $project, Step $step, ?int $place): void
    {
        if ($place === null) {
            $project->ticks()->firstOrCreate(['key' => $step->key]);

            return;
        }
        $project->ticks()->firstOrCreate(['key' => "{$step->key}#{$place}"]);
        $keys = array_map(static fn (int $index): string => "{$step->key}#{$index}", array_keys($step->places));
        if ($project->ticks()->whereIn('key', $keys)->count() === count($keys)) {
            $project->ticks()->firstOrCreate(['key' => $step->key]);
        }
    }

    /** Taking one place back takes the step back, and leaves its other places done. */
    private function untick(Project $project, Step $step, ?int $place): void
    {
        $wasDone = $project->ticks()->where('key', $step->key)->delete() > 0;
        foreach (array_keys($step->places) as $index) {
            $key = "{$step->key}#{$index}";
            if ($place === null || $place === $index) {
                $project->ticks()->where('key', $key)->delete();
            } elseif ($wasDone) {
                $project->ticks()->firstOrCreate(['key' => $key]);
            }
        }
    }
}
