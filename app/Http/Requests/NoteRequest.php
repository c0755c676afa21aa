<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Note;
use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

final class NoteRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'step' => ['required', 'string', 'max:190'],
            'stage' => ['nullable', 'in:bench,cut'],
            'from' => ['nullable', 'string', 'max:190'],
            'text' => ['required_without:photo', 'nullable', 'string', 'max:500'],
            'photo' => ['nullable', 'file', 'max:12288'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.required_without' => 'There is nothing to note yet.',
            'photo.*' => 'Choose a picture of 12 MB at the most.',
            'text.max' => 'A note has at most 500 characters.',
        ];
    }

    /** To the face it is about, to the trimmer for a piece, to the log where it is about the whole book, else to its step. */
    public static function back(Project $project, string $step): string
    {
        return match (true) {
            str_starts_with($step, Note::PIECE) => route('cut', $project),
            str_starts_with($step, Note::FACE) => route(
                'plan',
                ['project' => $project, 'face' => substr($step, strlen(Note::FACE))],
            ).'#on-face',
            $step === 'book' => route('log', $project),
            default => route('bench', ['project' => $project, 'step' => $step]),
        };
    }

    /** Where it was noted: a piece is noted at the bench as well as at the trimmer, and the hand stays there. */
    public function place(Project $project): string
    {
        [$stage, $from] = [$this->input('stage'), $this->input('from')];
        $step = $this->input('step');

        return match (true) {
            $stage === 'cut' && is_string($from) => route('cut', ['project' => $project, 'sheet' => $from]).'#about-a-piece',
            $stage === 'bench' && is_string($from) => route('bench', ['project' => $project, 'step' => $from]),
            default => self::back($project, is_string($step) ? $step : ''),
        };
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? $this->place($project) : route('shelf');
    }
}
