<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Ephemeron\Format\DesignFields;
use Illuminate\Foundation\Http\FormRequest;

final class ChangeDesignRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'face' => ['nullable', 'string', 'max:200'],
            'stage' => ['nullable', 'string'],
            'set' => ['required', 'array', 'max:80'],
        ];
    }

    /**
     * Places and values; an emptied field of a structure is kept as an empty text, so that it is complained about and not
     * quietly put back to its default. Elsewhere an empty field means: as usual.
     *
     * @return array<string, string|null>
     */
    public function changes(): array
    {
        $changes = [];
        $fields = app(DesignFields::class);
        foreach ((array) $this->input('set') as $place => $value) {
            if ($fields->has((string) $place) && (is_string($value) || $value === null)) {
                $changes[(string) $place] = $value ?? ($fields->mayBeEmpty((string) $place) ? null : '');
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
