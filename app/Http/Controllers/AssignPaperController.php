<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\PapersForBook;
use App\Http\Requests\AssignPaperRequest;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Paper\StockRole;
use Illuminate\Http\RedirectResponse;

/** Gives a role of a design a paper from the drawer. */
final readonly class AssignPaperController
{
    public function __invoke(AssignPaperRequest $request, Project $project, ProjectEditor $editor, PapersForBook $papers): RedirectResponse
    {
        $back = redirect()->to($request->returnTo($project), 303);
        $paper = Paper::query()->find($request->integer('paper'));
        if ($paper === null) {
            return $back->withErrors(['paper' => 'That paper is not in the drawer any more.']);
        }
        $role = StockRole::from($request->string('role')->value());
        $changes = $papers->changes($role, $paper, $editor->design($project)->notation(), $request->boolean('leftovers', true));
        try {
            $change = $editor->change($project, $changes, $request->revision());
        } catch (InvalidDesign $error) {
            return $back->withErrors(['paper' => $error->getMessage()]);
        }

        return $change === '' ? $back : $back->with('changed', $change);
    }
}
