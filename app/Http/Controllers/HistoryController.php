<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RevisedRequest;
use App\Models\Project;
use Illuminate\Http\RedirectResponse;

final readonly class HistoryController
{
    public function undo(RevisedRequest $request, Project $project): RedirectResponse
    {
        $change = $project->undoable();
        $project->undo($request->revision());

        return redirect()->to($request->returnTo($project), 303)->with('changed', $change === null ? null : "undone: {$change}");
    }

    public function redo(RevisedRequest $request, Project $project): RedirectResponse
    {
        $change = $project->redoable();
        $project->redo($request->revision());

        return redirect()->to($request->returnTo($project), 303)->with('changed', $change === null ? null : "done again: {$change}");
    }
}
