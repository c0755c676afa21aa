<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\History;
use App\History\NoteSlice;
use App\Http\Requests\NoteRequest;
use App\Models\Note;
use App\Models\Project;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;

final readonly class NoteController
{
    public function __construct(private History $history)
    {
    }

    public function store(NoteRequest $request, Project $project): RedirectResponse
    {
        $note = ['mark' => (string) Str::ulid(), 'step' => $request->string('step')->value()];
        $text = $request->string('text')->value();
        $this->history->do($project, NoteSlice::KIND, "noted: {$text}", [...$note, 'text' => null], [...$note, 'text' => $text]);

        return redirect()->route('bench', ['project' => $project, 'step' => $note['step']], 303);
    }

    public function destroy(Project $project, Note $note): RedirectResponse
    {
        $state = ['mark' => $note->mark, 'step' => $note->step];
        $this->history->do(
            $project,
            NoteSlice::KIND,
            "note struck: {$note->text}",
            [...$state, 'text' => $note->text],
            [...$state, 'text' => null],
        );

        return redirect()->route('bench', ['project' => $project, 'step' => $note->step], 303);
    }
}
