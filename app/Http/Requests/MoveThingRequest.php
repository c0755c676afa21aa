<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

final class MoveThingRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'face' => ['required', 'string', 'max:200'],
            'place' => ['required', 'string', 'regex:/^furniture(\.\d{1,3})(\.children\.\d{1,3}){0,5}$/'],
            'left' => ['required', 'numeric', 'between:-2000,2000'],
            'top' => ['required', 'numeric', 'between:-2000,2000'],
        ];
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? $this->returnTo($project) : route('shelf');
    }
}
