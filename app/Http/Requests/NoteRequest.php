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

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route(
            'bench',
            ['project' => $project, 'step' => is_string($this->input('step')) ? $this->input('step') : null],
        ) : route('shelf');
    }
}
