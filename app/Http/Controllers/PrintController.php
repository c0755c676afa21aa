<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PrintRequest;
use App\Models\Note;
use App\Models\Project;
use App\Planning\AsPattern;
use App\Planning\KeptParts;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Print\CutListPdf;
use App\Print\LabelsPdf;
use App\Print\MockupPdf;
use App\Print\OpeningsPdf;
use App\Print\PatternPdf;
use App\Print\TagsPdf;
use App\Print\TemplatesPdf;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final readonly class PrintController
{
    public function __construct(private Plans $plans, private Workshop $workshop, private KeptParts $kept)
    {
    }

    public function show(Project $project): View
    {
        $plan = $this->plans->plan($project);

        return view('print', ['project' => $project, 'plan' => $plan, 'progress' => new Progress($project, $plan)]);
    }

    public function pdf(PrintRequest $request, Project $project, string $document): Response
    {
        $notes = $document === 'cut-list' ? $this->notes($project) : [];
        $asked = [$request->paper(), $request->scale()->factor, $request->letters(), $request->price(), $request->count(), $notes];
        $print = fn (): ?string => $this->printed($request, $project, $document, $notes);
        $pdf = $this->kept->of($project, "print-{$document}", $asked, $print);
        if ($pdf === null) {
            throw ValidationException::withMessages(['scale' => sprintf(
                'At that scale a piece is larger than the page: at most %.2f fits.',
                (new MockupPdf($request->paper()))->largestFor($this->plans->plan($project)),
            )])->redirectTo(route('print', $project));
        }

        return response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf('inline; filename="%s-%s.pdf"', Str::slug($project->name) ?: 'project', $document),
        ]);
    }

    /** @return array<string, list<string>> what was noted about its pieces, by their keys */
    private function notes(Project $project): array
    {
        return array_map(
            static fn (array $notes): array => array_values(array_map(static fn (Note $note): string => $note->text, $notes)),
            $project->notesAbout(array_values($this->plans->plan($project)->blueprint->parts)),
        );
    }

    /**
     * @param array<string, list<string>> $notes
     * @return string|null PDF, null when a piece does not fit the page at the scale that is asked for
     */
    private function printed(PrintRequest $request, Project $project, string $document, array $notes): ?string
    {
        $plan = $this->plans->plan($project);

        return match ($document) {
            'cut-list' => (new CutListPdf($request->paper(), $notes))->render($plan),
            'templates' => (new TemplatesPdf($request->paper()))->render($plan, $request->letters()),
            'mock-up' => $this->mockUp($request, $plan),
            'openings' => (new OpeningsPdf($request->paper()))->render($plan),
            'page-map' => (new MockupPdf($request->paper()))->renderMap($plan),
            'pattern' => (new PatternPdf($request->paper()))->render(
                $this->workshop->plan(AsPattern::of($this->plans->design($project))),
            ),
            'tags' => (new TagsPdf($request->paper()))->render($plan, $request->price(), $request->count()),
            'labels' => (new LabelsPdf($request->paper()))->render($plan, $request->letters()),
            default => abort(404),
        };
    }

    /** Null when a piece does not fit the page at that scale. */
    private function mockUp(PrintRequest $request, WorkPlan $plan): ?string
    {
        $mockup = new MockupPdf($request->paper());
        $scale = $request->scale();

        return $scale->factor > $mockup->largestFor($plan) ? null : $mockup->render($plan, $scale, $request->letters());
    }
}
