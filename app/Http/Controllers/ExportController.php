<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Format\CutListCsv;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Format\DesignWriter;
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

    public function sheet(Project $project, CutSheetsSvg $writer, int $stock, int $pattern): Response
    {
        $plan = $this->editor->plan($project);
        $stockPlan = $plan->stocks[$stock] ?? abort(404);
        $sheet = $stockPlan->cuts->patterns[$pattern] ?? abort(404);
        $drawing = $writer->draw($sheet, $plan->notation(), $stockPlan->stock->name);

        return $this->file($drawing->file(), 'image/svg+xml', "{$this->slug($project)}-sheet-{$stock}-{$pattern}.svg");
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
