<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\Prints;
use App\Drawing\StepDrawing;
use App\Http\Middleware\KeptPages;
use App\Models\Project;
use App\Planning\NumbersOfStep;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Planning\StepClock;
use App\Planning\Waiting;
use Ephemeron\Bench\Step;
use Ephemeron\Binding\Sew;
use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final readonly class BenchController
{
    public function __invoke(Request $request, Project $project, Plans $plans): View
    {
        $plan = $plans->plan($project);
        $progress = new Progress($project, $plan);
        $asked = $request->query('step');
        $known = array_filter($plan->steps, static fn (Step $step): bool => $step->key === $asked);
        $step = $known === [] ? $progress->next() : $known[array_key_first($known)];

        $copy = $progress->isForEachCopy($step) ? min(
            max(1, $request->integer('copy', $progress->nextCopy($step))),
            $project->copies,
        ) : null;

        $waiting = new Waiting($project, $plan, $progress);
        $time = (new StepClock($project))->of($step->key);
        if ($waiting->drying !== [] || $time?->running_since !== null) {
            KeptPages::passes($request);
        }

        return view('bench', [
            'copy' => $copy,
            'project' => $project,
            'plan' => $plan,
            'progress' => $progress,
            'step' => $step,
            'waiting' => $waiting,
            'time' => $time,
            'left' => StepClock::left(array_values(array_filter($plan->steps, static fn (Step $each): bool => ! $progress->isDone($each)))),
            'numbers' => NumbersOfStep::of($plan, $step),
            'before' => $plan->steps[$step->number - 2] ?? null,
            'after' => $plan->steps[$step->number] ?? null,
            'drawing' => (new StepDrawing($plan, Prints::of($plan)))->of($step),
            'motion' => $this->motion($plan, $step),
            'notes' => $project->notes()->where('step', $step->key)->oldest()->get(),
        ]);
    }

    /** @return array{scene: string, at: int}|null where on the Fold screen the step is seen in motion: just before it */
    private function motion(WorkPlan $plan, Step $step): ?array
    {
        $folded = $step->folds();
        if ($folded !== null) {
            return $plan->blueprint->part($folded)->creases === [] ? null : ['scene' => $folded, 'at' => 0];
        }
        if (array_filter($step->acts, static fn (Act $act): bool => $act instanceof Sew) !== []) {
            return ['scene' => FoldController::SEWING, 'at' => 0];
        }
        // Of a task that is done in parts every part is told under its name and a number.
        $number = $plan->scenes()->gluedAt(explode('~', $step->key)[0]);

        return $number === null ? null : ['scene' => SceneBuilder::BOOK, 'at' => $number - 1];
    }
}
