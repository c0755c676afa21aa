<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\BoardDrawing;
use App\Drawing\PartDrawing;
use App\Models\Project;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Scoring\ScoreGroups;
use Illuminate\Contracts\View\View;

final readonly class ScoreController
{
    public function __invoke(Project $project, ProjectEditor $editor): View
    {
        $plan = $editor->plan($project);

        return view('score', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'groups' => (new ScoreGroups)->of($plan->scores),
            'inShort' => new ScoreGroups,
            'board' => new BoardDrawing($plan->notation()),
            'flat' => new PartDrawing($plan->notation()),
        ]);
    }
}
