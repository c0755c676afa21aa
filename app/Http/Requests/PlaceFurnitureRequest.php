<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Ephemeron\Furniture\Showroom;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class PlaceFurnitureRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(Showroom $showroom): array
    {
        return [
            'revision' => ['required', 'integer'],
            'face' => ['required', 'string', 'max:200'],
            'kind' => ['required', Rule::in(array_keys($showroom->all()))],
            'spot' => ['nullable', 'string', 'max:20'],
            'left' => ['nullable', 'numeric', 'between:-2000,2000'],
            'top' => ['nullable', 'numeric', 'between:-2000,2000'],
            'style' => ['nullable', 'string', 'max:40'],
            'photo' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => 'Choose what to put on the page.'];
    }

    /** @return array<string, string> parameters given with the kind */
    public function parameters(): array
    {
        return array_filter(array_map(strval(...), array_filter($this->only(['style', 'photo']), is_string(...))));
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? $this->returnTo($project) : route('shelf');
    }
}
