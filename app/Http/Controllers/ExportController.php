<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use App\Planning\OwnStructures;
use App\Planning\Plans;
use App\Safekeeping\BookCopy;
use App\Safekeeping\UnusableCopy;
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
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final readonly class ExportController
{
    public function __construct(private Plans $plans)
    {
    }

    public function design(Project $project, DesignWriter $writer, OwnStructures $own): Response
    {
        $file = $own->with($writer->toArray($this->plans->design($project)));

        return $this->file(DesignWriter::json($file), 'application/json', "{$this->slug($project)}.design.json");
    }

    /** As it is stored, readable or not. */
    public function stored(Project $project): Response
    {
        return $this->file(
            json_encode($project->design, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
            'application/json',
            "{$this->slug($project)}.design.json",
        );
    }

    /** With all that belongs to it. */
    public function book(Project $project, BookCopy $books): BinaryFileResponse
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'book');
        try {
            $books->write($project, $file);
        } catch (UnusableCopy $trouble) {
            abort(507, $trouble->getMessage());
        }

        return response()->download($file, "{$this->slug($project)}.zip", ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    public function cutList(Project $project, CutListCsv $writer): Response
    {
        return $this->file($writer->write($this->plans->plan($project)), 'text/csv; charset=utf-8', "{$this->slug($project)}-cut-list.csv");
    }

    public function cutPlanCsv(Project $project, CutPlanCsv $writer): Response
    {
        return $this->file($writer->write($this->plans->plan($project)), 'text/csv; charset=utf-8', "{$this->slug($project)}-cut-plan.csv");
    }

    public function cutPlanJson(Project $project, CutPlanJson $writer): Response
    {
        return $this->file($writer->write($this->plans->plan($project)), 'application/json', "{$this->slug($project)}-cut-plan.json");
    }

    public function sheet(Project $project, CutSheetsSvg $svg, CutSheetsDxf $dxf, string $key, string $type): Response
    {
        $plan = $this->plans->plan($project);
        $sheet = $plan->sheet($key) ?? abort(404);
        $name = "{$this->slug($project)}-{$key}.{$type}";

        return $type === 'svg'
            ? $this->file($svg->draw($sheet, $plan->notation(), $sheet->supply->name)->file(), 'image/svg+xml', $name)
            : $this->file($dxf->draw($sheet, array_column($plan->blueprint->parts, null, 'letter'))->file(), 'image/vnd.dxf', $name);
    }

    /** A part with its scores: FOLD, SVG or DXF. */
    public function pattern(Project $project, string $letter, string $type): Response
    {
        $plan = $this->plans->plan($project);
        $part = array_column($plan->blueprint->parts, null, 'letter')[$letter] ?? abort(404);
        $name = "{$this->slug($project)}-{$letter}.{$type}";

        return match ($type) {
            'fold' => $this->file(
                (new FoldWriter)->write(
                    (new Folder)->fold(CreasePattern::of($part)),
                    "{$project->name}, {$part->letter}, {$part->name}",
                    $part->size->height->ticks,
                ),
                'application/json',
                $name,
            ),
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
