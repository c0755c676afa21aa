<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

/** Names what was last done, as the maker saw it, so that another window’s doing is not taken back by mistake. */
final class HistoryRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'event' => ['required', 'integer'],
            'face' => ['nullable', 'string', 'max:200'],
            'stage' => ['nullable', 'string'],
            'step' => ['nullable', 'string', 'max:190'],
        ];
    }

    public function event(): int
    {
        return $this->integer('event');
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? $this->returnTo($project) : route('shelf');
    }
}
