<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

final class NoteRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'step' => ['required', 'string', 'max:190'],
            'text' => ['required_without:photo', 'nullable', 'string', 'max:500'],
            'photo' => ['nullable', 'file', 'max:8192'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.required_without' => 'There is nothing to note yet.',
            'photo.*' => 'Choose a picture of 8 MB at the most.',
            'text.max' => 'A note has at most 500 characters.',
        ];
    }

    /** To the face it is about, to the log where it is about the whole book, else to its step. */
    public static function back(Project $project, string $step): string
    {
        return match (true) {
            str_starts_with($step, 'face:') => route('plan', ['project' => $project, 'face' => substr($step, strlen('face:'))]).'#on-face',
            $step === 'book' => route('log', $project),
            default => route('bench', ['project' => $project, 'step' => $step]),
        };
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');
        $step = $this->input('step');

        return $project instanceof Project ? self::back($project, is_string($step) ? $step : '') : route('shelf');
    }
}
