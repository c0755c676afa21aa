<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlaceFurnitureRequest;
use App\Http\Requests\RevisedRequest;
use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Http\RedirectResponse;

/** Puts things onto faces and takes them off; their measures are changed like everything else in the design. */
final readonly class FurnitureController
{
    public function __construct(private ProjectEditor $editor)
    {
    }

    public function store(PlaceFurnitureRequest $request, Project $project): RedirectResponse
    {
        $place = 'furniture.'.count((array) ($project->design['furniture'] ?? []));

        return $this->change($request, $project, [$place => $request->placed()]);
    }

    public function destroy(RevisedRequest $request, Project $project, int $index): RedirectResponse
    {
        return $this->change($request, $project, ["furniture.{$index}" => null]);
    }

    /** @param array<string, mixed> $changes */
    private function change(RevisedRequest|PlaceFurnitureRequest $request, Project $project, array $changes): RedirectResponse
    {
        $back = redirect()->to($request->returnTo($project), 303);
        try {
            $change = $this->editor->change($project, $changes, $request->revision());
        } catch (InvalidDesign $error) {
            return $back->withErrors(['furniture' => $error->getMessage()]);
        }

        return $back->with('changed', $change);
    }
}
