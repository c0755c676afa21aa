<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

/** A piece pinned to a place of its paper; the design's reader judges the lengths. */
final class PinRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'part' => ['required', 'string', 'max:200'],
            'sheet' => ['required', 'string', 'max:3'],
            'left' => ['required', 'string', 'max:60'],
            'top' => ['required', 'string', 'max:60'],
            'turned' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'left.required' => 'How far from the left edge?',
            'top.required' => 'How far from the head of the sheet?',
            'sheet.*' => 'Which sheet is a number, 1 for the first.',
        ];
    }

    /** @return array<string, mixed> as a design file writes it */
    public function pin(): array
    {
        return [
            'part' => $this->string('part')->value(),
            'sheet' => $this->string('sheet')->value(),
            'left' => $this->string('left')->value(),
            'top' => $this->string('top')->value(),
            ...($this->boolean('turned') ? ['turned' => true] : []),
        ];
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('cut', $project).'#pins' : route('shelf');
    }
}
