<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\CannotTakeBack;
use App\History\History;
use App\History\TickSlice;
use App\Http\Requests\TickRequest;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\StepClock;
use App\Planning\StepInWords;
use App\Planning\Ticking;
use App\Planning\Turns;
use App\Planning\UnderWay;
use Ephemeron\Bench\Step;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

final readonly class TickController
{
    public function __construct(
        private Plans $plans,
        private Ticking $ticking,
        private History $history,
        private CutController $cut,
        private Turns $turns,
    ) {
    }

    public function update(TickRequest $request, Project $project): RedirectResponse|Response|View
    {
        $plan = $this->plans->plan($project);
        $step = collect($plan->steps)->first(static fn (Step $step): bool => $step->key === $request->step());
        if ($step === null) {
            return $this->takeBack($request, $project);
        }
        $copy = $project->copies > 1 && $step->phase->isForEachCopy() ? min(max(1, $request->integer('copy', 1)), $project->copies) : null;
        $key = $copy === null ? $step->key : "{$step->key}@{$copy}";
        $refused = null;
        try {
            DB::transaction(fn () => $this->tick($request, $project, $plan, $step, $key, $copy));
        } catch (CannotTakeBack $refusal) {
            $refused = $refusal->getMessage();
        }
        if ($request->done() && $refused === null && $request->place() === null) {
            (new StepClock($project))->goOn(($plan->steps[$step->number] ?? $step)->key);
        }
        if ($request->isInHand() && $refused !== null) {
            session()->flash('refused', $refused);

            return CutController::whole($project);
        }
        if ($request->isInHand()) {
            // Between two cuts of a sheet the plan is what it was.
            $isUnderWay = $request->place() !== null && ! $this->ticking->isDone($project, $key);

            try {
                $now = $isUnderWay && $request->done() ? $plan : $this->turns->before(fn (): WorkPlan => $this->plans->plan($project));
            } catch (UnderWay) {
                return CutController::whole($project);
            }

            return $this->cut->next($project, $now, $step->key);
        }
        $next = $request->boolean('next') && $refused === null ? ($plan->steps[$step->number] ?? $step) : $step;

        return $this->back($request, $project, $step, $next, $copy)->with('refused', $refused);
    }

    /** What was ticked of a step that is in the plan no more can be taken back all the same. */
    private function takeBack(TickRequest $request, Project $project): RedirectResponse
    {
        $was = $this->ticking->ticked($project, $request->step());
        abort_if($request->done() || $was === [], 404);
        $this->history->do(
            $project,
            TickSlice::KIND,
            'not done: a step that is not in the plan any more',
            ['step' => $request->step(), 'keys' => $was],
            ['step' => $request->step(), 'keys' => []],
        );

        return redirect()->route('bench', $project, 303);
    }

    /** What is ticked already is looked at where nobody can tick in between. */
    private function tick(TickRequest $request, Project $project, WorkPlan $plan, Step $step, string $key, ?int $copy): void
    {
        $was = $this->ticking->ticked($project, $key);
        $is = $request->done() ? $this->with($step, $key, $was, $request->place()) : $this->without($step, $key, $was, $request->place());
        if ($was != $is) {
            $said = ($request->done() ? '' : 'not done: ').StepInWords::of($plan, $step, $request->place())
                .($copy === null ? '' : ", copy {$copy}");
            $this->history->do($project, TickSlice::KIND, $said, ['step' => $key, 'keys' => $was], ['step' => $key, 'keys' => $is]);
        }
    }

    private function back(TickRequest $request, Project $project, Step $step, Step $next, ?int $copy): RedirectResponse
    {
        return match (true) {
            $request->isAtTheTrimmer() => redirect()->route(
                'cut',
                ['project' => $project, 'sheet' => $step->key],
                303,
            ),
            $request->isAtTheBoard() => redirect()->to(route('score', $project)."#{$step->key}", 303),
            default => redirect()->route(
                'bench',
                ['project' => $project, 'step' => $next->key, ...($copy === null ? [] : ['copy' => $copy])],
                303,
            ),
        };
    }

    /**
     * The last place makes the step done.
     *
     * @param list<string> $was
     * @return list<string>
     */
    private function with(Step $step, string $key, array $was, ?int $place): array
    {
        $is = array_values(array_unique([...$was, $place === null ? $key : "{$key}#{$place}"]));
        $places = array_map(static fn (int $index): string => "{$key}#{$index}", array_keys($step->places));

        return $place !== null && array_diff($places, $is) === [] ? array_values(array_unique([...$is, $key])) : $is;
    }

    /**
     * Taking one place back takes the step back, and leaves its other places done.
     *
     * @param list<string> $was
     * @return list<string>
     */
    private function without(Step $step, string $key, array $was, ?int $place): array
    {
        if ($place === null) {
            return [];
        }
        $places = array_map(static fn (int $index): string => "{$key}#{$index}", array_keys($step->places));
        $done = in_array($key, $was, true) ? $places : $was;

        return array_values(array_diff($done, [$key, "{$key}#{$place}"]));
    }
}
