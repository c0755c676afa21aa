<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Ephemeron\Measure\Length;
use Illuminate\Foundation\Http\FormRequest;

/** The motif under a face, so many millimetres further to the right and down. */
final class MoveMotifRequest extends FormRequest
{
    use ReturnsToStage;

    private const NUMBER = ['nullable', 'numeric', 'between:-2000,2000'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'place' => ['required', 'string', 'max:190', 'regex:~^[a-z0-9/#-]+$~D'],
            'right' => self::NUMBER,
            'down' => self::NUMBER,
            'free' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'right.*' => 'How far to the right, in millimetres.',
            'down.*' => 'How far down, in millimetres.',
            'place.*' => 'There is no such face.',
        ];
    }

    public function place(): string
    {
        return $this->string('place')->value();
    }

    public function far(string $way): Length
    {
        return Length::micrometres((int) round(1000 * $this->float($way)));
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route(
            'motif',
            [$project, 'place' => is_string($this->input('place')) ? $this->input('place') : ''],
        ) : route('shelf');
    }
}
