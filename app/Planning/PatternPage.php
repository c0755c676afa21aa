<?php

declare(strict_types=1);

namespace App\Planning;

use App\Drawer\Pixels;
use App\Drawing\StepDrawing;
use App\Models\Note;
use App\Models\Project;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Notation;
use Ephemeron\Scoring\ScoreGroups;
use Ephemeron\Workshop;
use Illuminate\Support\Facades\Storage;

/** The book written up for others: one page that needs nothing else, with the design in it and nothing private. */
final readonly class PatternPage
{
    /** Dots of a photograph on it, and how many there may be: it stays under 5 MB. */
    public const PHOTOS = 12;

    private const PHOTO = 900;

    public function __construct(private Plans $plans, private Workshop $workshop, private DesignWriter $writer)
    {
    }

    /**
     * @param string $by whom it is by; empty: that is not said
     * @param array<array-key, mixed> $photos numbers of notes
     *
     * @throws InvalidDesign where what is stored cannot be read
     */
    public function html(Project $project, string $by = '', array $photos = []): string
    {
        $design = AsPattern::of($this->plans->design($project));
        $plan = $this->workshop->plan($design);

        return view('pattern', [
            'plan' => $plan,
            'by' => $by,
            'notation' => $plan->notation(),
            'other' => Notation::usual($design->unit->other()),
            'sheets' => new CutSheetsSvg,
            'steps' => new StepDrawing($plan),
            'scores' => new ScoreGroups,
            'photos' => $this->photos($project, $photos),
            // Nothing in it can close the element it stands in.
            'design' => str_replace('</', '<\/', $this->writer->toJson($design)),
        ])->render();
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
