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
            'place' => ['bail', 'required', 'string', 'max:400', 'starts_with:things.'],
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
