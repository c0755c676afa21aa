<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DepartureRequest;
use App\Models\Departure;
use App\Models\Project;
use Illuminate\Http\RedirectResponse;

/** Where finished books went. */
final readonly class DepartureController
{
    public function store(DepartureRequest $request, Project $project): RedirectResponse
    {
        $departure = Departure::query()->create(['project_id' => $project->id, ...$request->departure()]);

        return redirect()->route('log', $project, 303)->with('said', "{$departure->sentence()}.");
    }

    public function destroy(Project $project, Departure $departure): RedirectResponse
    {
        $departure->delete();

        return redirect()->route('log', $project, 303)->with('said', 'Struck from the log.');
    }
}
