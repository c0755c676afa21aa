<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AssignPaperRequest;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Http\RedirectResponse;

/** Gives a role of a design a paper from the drawer. */
final readonly class AssignPaperController
{
    public function __invoke(AssignPaperRequest $request, Project $project, ProjectEditor $editor): RedirectResponse
    {
        $back = redirect()->to($request->returnTo($project), 303);
        $paper = Paper::query()->find($request->integer('paper'));
        if ($paper === null) {
            return $back->withErrors(['paper' => 'That paper is not in the drawer any more.']);
        }
        $changes = [];
        $notation = $editor->design($project)->notation();
        foreach ([...$paper->material($notation), 'leftovers' => $request->boolean('leftovers', true) ? $paper->leftoversFor($notation) : []] as $field => $value) {
            $changes["materials.{$request->string('role')->value()}.{$field}"] = $value;
        }
        try {
            $change = $editor->change($project, $changes, $request->revision());
        } catch (InvalidDesign $error) {
            return $back->withErrors(['paper' => $error->getMessage()]);
        }

        return $change === '' ? $back : $back->with('changed', $change);
    }
}
