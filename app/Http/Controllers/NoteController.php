<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\NoteRequest;
use App\Models\Note;
use App\Models\Project;
use Illuminate\Http\RedirectResponse;

final readonly class NoteController
{
    public function store(NoteRequest $request, Project $project): RedirectResponse
    {
        $step = $request->string('step')->value();
        $project->notes()->create(['step' => $step, 'text' => $request->string('text')->value()]);

        return redirect()->route('bench', ['project' => $project, 'step' => $step], 303);
    }

    public function destroy(Project $project, Note $note): RedirectResponse
    {
        $note->delete();

        return redirect()->route('bench', ['project' => $project, 'step' => $note->step], 303);
    }
}
