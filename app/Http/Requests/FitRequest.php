<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Ephemeron\Paper\PhotoSize;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a book is to hold, or where it is to lie. */
final class FitRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'face' => ['nullable', 'string', 'max:200'],
            'photo' => ['required_without:width', 'nullable', Rule::enum(PhotoSize::class)],
            'number' => ['required_with:photo', 'nullable', 'integer', 'between:1,500'],
            'width' => ['required_without:photo', 'nullable', 'string', 'max:40'],
            'height' => ['required_with:width', 'nullable', 'string', 'max:40'],
            'thick' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'number.*' => 'Say how many prints, from 1 to 500.',
            'photo.*' => 'Choose a size of print.',
            'width.*' => 'Say how wide it may be.',
            'height.*' => 'Say how tall it may be.',
        ];
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? $this->returnTo($project) : route('shelf');
    }
}
