<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\TakenOff;
use App\Http\Middleware\KeptPages;
use App\Http\Requests\CreateProjectRequest;
use App\Http\Requests\RenameProjectRequest;
use App\Jobs\KeepDailyCopy;
use App\Models\Project;
use App\Planning\ProjectEditor;
use App\Planning\Shelf;
use App\Planning\Shelved;
use App\Planning\Sought;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Structure\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;

final readonly class ProjectController
{
    public function __construct(private ProjectEditor $editor)
    {
    }

    public function index(Request $request, Catalogue $catalogue, Showroom $showroom, TakenOff $takenOff, Shelf $shelf): View
    {
        $takenOff->clearNowAndThen();
        if (Cache::add('daily-copy-asked', true, now()->endOfDay())) {
            rescue(static fn () => KeepDailyCopy::dispatch());
        }
        $sought = Sought::by($request);
        $books = $shelf->page($sought);
        if (array_filter($books->items(), static fn (Shelved $book): bool => $book->isUnderWay) !== []) {
            KeptPages::passes($request);
        }

        return view('shelf', [
            'books' => $books,
            'sought' => $sought,
            'kinds' => $showroom->byKin(),
            'names' => Project::query()->whereKey(array_map(static fn (Shelved $book): ?int => $book->project->batch_of, $books->items()))
                ->pluck('name', 'id'),
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
        $name = $request->string('name')->trim()->value();
        try {
            $this->editor->change($project, ['name' => $name], $project->revision);
        } catch (InvalidDesign) {
            // What cannot be read can be called something else all the same.
            $project->update(['name' => $name, 'design' => ['name' => $name] + $project->design]);
        }

        return redirect()->route('shelf', status: 303);
    }

    public function destroy(Project $project): RedirectResponse
    {
        $project->delete();

        return redirect()->route('shelf', status: 303)->with('taken-off', ['id' => $project->id, 'name' => $project->name]);
    }
}
