<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\SpreadDrawing;
use App\Models\Project;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Furniture\Showroom;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final readonly class PlanController
{
    public function __invoke(Request $request, Project $project, ProjectEditor $editor, Showroom $showroom): View
    {
        $plan = $editor->plan($project);
        $pages = $plan->blueprint->pages();
        $asked = $request->query('face');
        $face = $pages[is_string($asked) ? $asked : ''] ?? $pages['page-1'] ?? $pages[array_key_first($pages)];
        $spreads = new SpreadDrawing($plan);

        return view('plan', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'face' => $face,
            'spreads' => $spreads,
            'opening' => $spreads->openingOf($face->key),
            'showroom' => $showroom,
        ]);
    }
}
