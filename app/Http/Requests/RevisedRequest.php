<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

/** Any write to a project: it names the revision it started from. */
final class RevisedRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['revision' => ['required', 'integer'], 'face' => ['nullable', 'string', 'max:200'], 'stage' => ['nullable', 'string']];
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('plan', $project) : route('shelf');
    }
}
