<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

final class LessonRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['lesson' => ['nullable', 'string', 'max:2000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['lesson.max' => 'At most 2000 characters.'];
    }

    public function lesson(): ?string
    {
        return $this->filled('lesson') ? $this->string('lesson')->trim()->value() : null;
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('log', $project) : route('shelf');
    }
}
