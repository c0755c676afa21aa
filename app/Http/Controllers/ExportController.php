<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CopiesRequest;
use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Folding\CreasePattern;
use Ephemeron\Folding\Folder;
use Ephemeron\Format\CutListCsv;
use Ephemeron\Format\CutPlanCsv;
use Ephemeron\Format\CutPlanJson;
use Ephemeron\Format\CutSheetsDxf;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\FoldWriter;
use Ephemeron\Format\PatternDxf;
use Ephemeron\Format\PatternSvg;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final readonly class ExportController
{
    public function __construct(private ProjectEditor $editor)
    {
    }

    public function design(Project $project, DesignWriter $writer): Response
    {
        return $this->file($writer->toJson($this->editor->design($project)), 'application/json', "{$this->slug($project)}.design.json");
    }

    public function cutList(Project $project, CutListCsv $writer): Response
    {
        return $this->file($writer->write($this->editor->plan($project)), 'text/csv; charset=utf-8', "{$this->slug($project)}-cut-list.csv");
    }

    public function cutPlanCsv(CopiesRequest $request, Project $project, CutPlanCsv $writer): Response
    {
        return $this->file($writer->write($this->editor->plan($project, $request->copies())), 'text/csv; charset=utf-8', "{$this->slug($project)}-cut-plan.csv");
    }

    public function cutPlanJson(CopiesRequest $request, Project $project, CutPlanJson $writer): Response
    {
        return $this->file($writer->write($this->editor->plan($project, $request->copies())), 'application/json', "{$this->slug($project)}-cut-plan.json");
    }

    public function sheet(CopiesRequest $request, Project $project, CutSheetsSvg $svg, CutSheetsDxf $dxf, int $stock, int $pattern, string $type): Response
    {
        $plan = $this->editor->plan($project, $request->copies());
        $stockPlan = $plan->stocks[$stock] ?? abort(404);
        $sheet = $stockPlan->cuts->patterns[$pattern] ?? abort(404);
        $name = "{$this->slug($project)}-sheet-{$stock}-{$pattern}.{$type}";

        return $type === 'svg'
            ? $this->file($svg->draw($sheet, $plan->notation(), $stockPlan->stock->name)->file(), 'image/svg+xml', $name)
            : $this->file($dxf->draw($sheet, array_column($plan->blueprint->parts, null, 'letter'))->file(), 'image/vnd.dxf', $name);
    }

    /** A part with its scores: FOLD, SVG or DXF. */
    public function pattern(Project $project, string $letter, string $type): Response
    {
        $plan = $this->editor->plan($project);
        $part = array_column($plan->blueprint->parts, null, 'letter')[$letter] ?? abort(404);
        $name = "{$this->slug($project)}-{$letter}.{$type}";

        return match ($type) {
            'fold' => $this->file((new FoldWriter)->write((new Folder)->fold(CreasePattern::of($part)), "{$project->name}, {$part->letter}, {$part->name}", $part->size->height->ticks), 'application/json', $name),
            'svg' => $this->file((new PatternSvg)->draw($part)->file(), 'image/svg+xml', $name),
            default => $this->file((new PatternDxf)->draw($part)->file(), 'image/vnd.dxf', $name),
        };
    }

    private function file(string $contents, string $type, string $name): Response
    {
        return response($contents, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }

    private function slug(Project $project): string
    {
        return Str::slug($project->name) ?: 'project';
    }
}
