<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CopiesRequest;
use App\Models\Project;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Format\CutSheetsSvg;
use Illuminate\Contracts\View\View;

final readonly class CutController
{
    public function __invoke(CopiesRequest $request, Project $project, ProjectEditor $editor): View
    {
        $one = $editor->plan($project);
        $copies = $request->copies();

        return view('cut', [
            'project' => $project,
            'one' => $one,
            'plan' => $copies === 1 ? $one : $editor->plan($project, $copies),
            'copies' => $copies,
            'progress' => new Progress($project, $one),
            'drawing' => new CutSheetsSvg,
        ]);
    }
}
