<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

final class OffcutRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'step' => ['bail', 'required', 'string', 'max:120', 'starts_with:cut-'],
            'offcut' => ['required', 'integer', 'min:0', 'max:999'],
            'keep' => ['required', 'boolean'],
        ];
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('cut', $project) : route('shelf');
    }
}
