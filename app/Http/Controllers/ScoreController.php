<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\BoardDrawing;
use App\Drawing\PartDrawing;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\Progress;
use Ephemeron\Scoring\ScoreGroups;
use Illuminate\Contracts\View\View;

final readonly class ScoreController
{
    public function __invoke(Project $project, Plans $plans): View
    {
        $plan = $plans->plan($project);

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
