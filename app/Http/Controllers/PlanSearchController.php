<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Club\Club;
use App\Club\FairTurns;
use App\Jobs\LookLonger;
use App\Models\PlanSearch;
use App\Models\Project;
use App\Planning\KeptPlans;
use App\Planning\Plans;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** A longer look for a better cut plan: begun, watched, called off. */
final readonly class PlanSearchController
{
    public function store(Request $request, Project $project, Plans $plans): View
    {
        $key = $request->query('key');
        $stock = is_string($key) ? KeptPlans::searched($plans->plan($project), $key) ?? abort(404) : abort(404);
        // The page asks by itself: a turn is free later.
        abort_unless(Club::mayQueue(), 429);
        $search = PlanSearch::query()->createOrFirst(['project_id' => $project->id, 'key' => $key]);
        if ($search->wasRecentlyCreated || $search->state === PlanSearch::CANCELLED) {
            $search->update(['state' => PlanSearch::WAITING, 'share' => 0]);
            LookLonger::dispatch($search->id)->onQueue(Club::queue().FairTurns::LOOKS);
        }

        return $this->shown($search, $stock->cuts->sheets());
    }

    public function show(Request $request, Project $project, PlanSearch $search): View
    {
        return $this->shown($search, $request->integer('sheets'));
    }

    public function destroy(Request $request, Project $project, PlanSearch $search): View
    {
        PlanSearch::query()->where('id', $search->id)->where('state', '!=', PlanSearch::DONE)->update(['state' => PlanSearch::CANCELLED]);

        return $this->shown($search, $request->integer('sheets'));
    }

    private function shown(PlanSearch $search, int $sheets): View
    {
        return view('partials.search', ['project' => $search->project ?? abort(404), 'search' => $search->refresh(), 'sheets' => $sheets]);
    }
}
