<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BatchRequest;
use App\Models\Project;
use App\Planning\ProjectEditor;
use Illuminate\Http\RedirectResponse;

/** Ten of a book at once: a batch with a name, cut together. */
final readonly class BatchController
{
    public function store(BatchRequest $request, Project $project, ProjectEditor $editor): RedirectResponse
    {
        $name = $request->filled('name') ? $request->string('name')->trim()->value() : null;

        return redirect()->route('cut', $editor->batch($project, $name, $request->integer('copies')), 303);
    }
}
