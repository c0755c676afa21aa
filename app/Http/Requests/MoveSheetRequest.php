<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

/** A sheet of a signature goes to another place in it; places count from 0, the outermost. */
final class MoveSheetRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'stage' => ['nullable', 'string'],
            'signature' => ['required', 'integer', 'min:0', 'max:20'],
            'from' => ['required', 'integer', 'min:0', 'max:100'],
            'to' => ['required', 'integer', 'min:0', 'max:100'],
        ];
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('leaves', $project) : route('shelf');
    }
}
