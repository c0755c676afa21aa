<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CopiesRequest;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\WorkPlan;
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
            'pictures' => $this->pictures($one),
        ]);
    }

    /** @return array<int, string> addresses of the pictures that the drawer has of the papers, by their number there */
    private function pictures(WorkPlan $plan): array
    {
        $known = array_filter(array_map(static fn (StockPlan $stock): ?string => $stock->stock->drawer, $plan->stocks));
        $pictures = [];
        foreach (Paper::query()->findMany($known) as $paper) {
            if ($paper->picture !== null) {
                $pictures[$paper->id] = route('papers.picture', $paper, false);
            }
        }

        return $pictures;
    }
}
