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
            'face' => ['required', 'string', 'max:80'],
            'kind' => ['required', Rule::in(array_keys($showroom->all()))],
            'style' => ['nullable', 'string', 'max:40'],
            'photo' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => 'Choose what to put on the page.'];
    }

    /** @return array<string, mixed> as the design format has it */
    public function placed(): array
    {
        return [
            'on' => $this->string('face')->value(),
            'kind' => $this->string('kind')->value(),
            'parameters' => array_filter($this->only(['style', 'photo'])),
        ];
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? $this->returnTo($project) : route('shelf');
    }
}
