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
            'copy' => ['nullable', 'integer', 'min:1', 'max:100'],
            'next' => ['nullable', 'boolean'],
            'stage' => ['nullable', 'string'],
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

    /** Ticked on the Cut screen and not at the bench. */
    public function isAtTheTrimmer(): bool
    {
        return $this->input('stage') === 'cut';
    }

    /** The page wants nothing but what is at the trimmer now. */
    public function isInHand(): bool
    {
        return $this->isAtTheTrimmer() && $this->header('HX-Target') === 'trimmer';
    }

    public function isAtTheBoard(): bool
    {
        return $this->input('stage') === 'score';
    }

    public function done(): bool
    {
        return $this->boolean('done');
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route($this->isAtTheTrimmer() ? 'cut' : 'bench', $project) : route('shelf');
    }
}
