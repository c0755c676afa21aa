<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PrintRequest;
use App\Models\Project;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use App\Print\CutListPdf;
use App\Print\LabelsPdf;
use App\Print\TemplatesPdf;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final readonly class PrintController
{
    public function __construct(private ProjectEditor $editor)
    {
    }

    public function show(Project $project): View
    {
        $plan = $this->editor->plan($project);

        return view('print', ['project' => $project, 'plan' => $plan, 'progress' => new Progress($project, $plan)]);
    }

    public function pdf(PrintRequest $request, Project $project, string $document): Response
    {
        $plan = $this->editor->plan($project);
        $pdf = match ($document) {
            'cut-list' => (new CutListPdf($request->paper()))->render($plan),
            'templates' => (new TemplatesPdf($request->paper()))->render($plan, $request->letters()),
            'labels' => (new LabelsPdf($request->paper()))->render($plan, $request->letters()),
            default => abort(404),
        };

        return response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf('inline; filename="%s-%s.pdf"', Str::slug($project->name) ?: 'project', $document),
        ]);
    }
}
