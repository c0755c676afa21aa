<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

final class TickRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'step' => ['required', 'string', 'max:190'],
            'place' => ['nullable', 'integer', 'min:0', 'max:999'],
            'done' => ['required', 'boolean'],
            'next' => ['nullable', 'boolean'],
        ];
    }

    public function step(): string
    {
        return $this->string('step')->value();
    }

    public function place(): ?int
    {
        return $this->filled('place') ? $this->integer('place') : null;
    }

    public function done(): bool
    {
        return $this->boolean('done');
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('bench', $project) : route('shelf');
    }
}
