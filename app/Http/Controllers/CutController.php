<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Format\CutSheetsSvg;
use Illuminate\Contracts\View\View;

final readonly class CutController
{
    public function __invoke(Project $project, ProjectEditor $editor): View
    {
        $plan = $editor->plan($project);

        return view('cut', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'drawing' => new CutSheetsSvg,
        ]);
    }
}
