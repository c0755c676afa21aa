<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

final class ChangeDesignRequest extends FormRequest
{
    use ReturnsToStage;

    private const PLACES = '/^(name|unit|grid|grooves|board|blade|strip|scoring|(parameters|mats|furniture|materials|schools|pins)\.[a-z0-9.\/\-]{1,200})$/';

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
        foreach ((array) $this->input('set') as $place => $value) {
            if (preg_match(self::PLACES, (string) $place) !== 1 || (! is_string($value) && $value !== null)) {
                continue;
            }
            $mayBeEmpty = preg_match('/^((board|blade|strip)$|(furniture|materials|mats|pins)\.)/', (string) $place) === 1;
            $changes[(string) $place] = $value ?? ($mayBeEmpty ? null : '');
        }

        return $changes;
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? $this->returnTo($project) : route('shelf');
    }
}
