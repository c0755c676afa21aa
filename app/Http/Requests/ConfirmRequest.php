<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Ephemeron\Format\DesignFields;
use Illuminate\Foundation\Http\FormRequest;

/** A change of any kind, whole, as it was asked for; the design’s reader judges what is in it. */
final class ConfirmRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'face' => ['nullable', 'string', 'max:200'],
            'stage' => ['nullable', 'string'],
            'changes' => ['required', 'json', 'max:60000'],
        ];
    }

    /** @return array<string, mixed> by place */
    public function changes(): array
    {
        $changes = [];
        $fields = app(DesignFields::class);
        foreach ((array) json_decode($this->string('changes')->value(), true) as $place => $value) {
            if ($fields->has((string) $place)) {
                $changes[(string) $place] = $value;
            }
        }

        return $changes;
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? $this->returnTo($project) : route('shelf');
    }
}
