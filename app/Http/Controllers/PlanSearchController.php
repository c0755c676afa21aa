<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CopiesRequest;
use App\Jobs\LookLonger;
use App\Models\PlanSearch;
use App\Models\Project;
use App\Planning\KeptPlans;
use App\Planning\ProjectEditor;
use Illuminate\Contracts\View\View;

/** A longer look for a better cut plan: begun, watched, called off. */
final readonly class PlanSearchController
{
    public function store(CopiesRequest $request, Project $project, ProjectEditor $editor): View
    {
        $plan = $editor->plan($project, $request->copies());
        $stock = $plan->stocks[$request->integer('stock')] ?? abort(404);
        $trimmer = $plan->trimmer();
        $search = PlanSearch::query()->createOrFirst(['project_id' => $project->id, 'key' => KeptPlans::key($stock->demands, $stock->supplies, $trimmer)]);
        if ($search->wasRecentlyCreated || $search->state === PlanSearch::CANCELLED) {
            $search->update(['state' => PlanSearch::WAITING, 'share' => 0]);
            LookLonger::dispatch($search->id, $stock->demands, $stock->supplies, $trimmer, $stock->cuts);
        }

        return $this->shown($search, $stock->cuts->sheets(), $request->copies());
    }

    public function show(CopiesRequest $request, Project $project, PlanSearch $search): View
    {
        return $this->shown($search, $request->integer('sheets'), $request->copies());
    }

    public function destroy(CopiesRequest $request, Project $project, PlanSearch $search): View
    {
        PlanSearch::query()->where('id', $search->id)->where('state', '!=', PlanSearch::DONE)->update(['state' => PlanSearch::CANCELLED]);

        return $this->shown($search, $request->integer('sheets'), $request->copies());
    }

    private function shown(PlanSearch $search, int $sheets, int $copies): View
    {
        return view('partials.search', ['project' => $search->project ?? abort(404), 'search' => $search->refresh(), 'sheets' => $sheets, 'copies' => $copies]);
    }
}
