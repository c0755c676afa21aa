<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CreateProjectRequest;
use App\Http\Requests\RenameProjectRequest;
use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Structure\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final readonly class ProjectController
{
    public function __construct(private ProjectEditor $editor)
    {
    }

    public function index(Catalogue $catalogue): View
    {
        return view('shelf', [
            'projects' => Project::query()->with('ticks')->latest('updated_at')->latest('id')->get(),
            'editor' => $this->editor,
            'structures' => $catalogue->all(),
        ]);
    }

    public function store(CreateProjectRequest $request): RedirectResponse
    {
        $project = $this->editor->create([
            'structure' => $request->string('structure')->value(),
            'unit' => $request->string('unit')->value(),
            ...($request->filled('name') ? ['name' => $request->string('name')->value()] : []),
        ]);

        return redirect()->route('plan', $project, 303);
    }

    public function update(RenameProjectRequest $request, Project $project): RedirectResponse
    {
        $this->editor->change($project, ['name' => $request->string('name')->value()], $project->revision);

        return redirect()->route('shelf', status: 303);
    }

    public function destroy(Project $project): RedirectResponse
    {
        $project->delete();

        return redirect()->route('shelf', status: 303)->with('taken-off', ['id' => $project->id, 'name' => $project->name]);
    }
}
