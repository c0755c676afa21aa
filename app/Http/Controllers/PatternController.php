<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\Pixels;
use App\Drawing\StepDrawing;
use App\Models\Note;
use App\Models\Project;
use App\Planning\AsPattern;
use App\Planning\Plans;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Measure\Notation;
use Ephemeron\Scoring\ScoreGroups;
use Ephemeron\Workshop;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** The book written up for others: one page that needs nothing else, with the design in it. */
final readonly class PatternController
{
    /** Dots of a photograph on it, and how many there may be: it stays under 5 MB. */
    private const PHOTO = 900;

    private const PHOTOS = 12;

    public function __construct(private Plans $plans, private Workshop $workshop)
    {
    }

    public function __invoke(Request $request, Project $project, DesignWriter $writer): Response
    {
        $asked = $request->validate([
            'by' => ['nullable', 'string', 'max:80'],
            'photos' => ['nullable', 'array', 'max:'.self::PHOTOS],
            'photos.*' => ['integer'],
        ], ['by.*' => 'A name has at most 80 characters.', 'photos.*' => sprintf('At most %d photographs.', self::PHOTOS)]);
        $design = AsPattern::of($this->plans->design($project));
        $plan = $this->workshop->plan($design);
        $html = view('pattern', [
            'plan' => $plan,
            'by' => is_string($asked['by'] ?? null) ? $asked['by'] : '',
            'notation' => $plan->notation(),
            'other' => Notation::usual($design->unit->other()),
            'sheets' => new CutSheetsSvg,
            'steps' => new StepDrawing($plan),
            'scores' => new ScoreGroups,
            'photos' => $this->photos($project, (array) ($asked['photos'] ?? [])),
            // Nothing in it can close the element it stands in.
            'design' => str_replace('</', '<\/', $writer->toJson($design)),
        ])->render();

        return response($html, 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Length' => (string) strlen($html),
            'Content-Disposition' => sprintf('attachment; filename="%s-pattern.html"', Str::slug($project->name) ?: 'book'),
        ]);
    }

    /**
     * @param array<array-key, mixed> $chosen numbers of notes
     * @return list<array{string, string}> words, and the picture as an address that holds it
     */
    private function photos(Project $project, array $chosen): array
    {
        $photos = [];
        foreach (Note::query()->where('project_id', $project->id)->whereIn('id', $chosen)->oldest('id')->get() as $note) {
            $jpeg = $note->photo === null ? null : Storage::disk('local')->get("notes/{$note->photo}");
            if ($jpeg !== null) {
                $photos[] = [
                    (string) $note->text,
                    'data:image/jpeg;base64,'.base64_encode(Pixels::read($jpeg)->atMost(self::PHOTO)->jpeg(78)),
                ];
            }
        }

        return $photos;
    }
}
