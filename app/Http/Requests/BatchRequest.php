<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

final class BatchRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['copies' => ['required', 'integer', 'between:2,100'], 'batch-name' => ['nullable', 'string', 'max:120']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['copies.*' => 'A batch is two to a hundred books.', 'batch-name.*' => 'A name has at most 120 characters.'];
    }

    protected function prepareForValidation(): void
    {
        $this->merge(['name' => $this->input('batch-name')]);
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('cut', $project) : route('shelf');
    }
}
