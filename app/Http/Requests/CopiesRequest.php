<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

/** How many books are cut together. */
final class CopiesRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['copies' => ['nullable', 'integer', 'min:1', 'max:100']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['copies.*' => 'One to a hundred books are cut together.'];
    }

    public function copies(): int
    {
        return $this->filled('copies') ? $this->integer('copies') : 1;
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('cut', $project) : route('shelf');
    }
}
