<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Drawer\SetAside;
use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A press on a face of the paper stage: what is pressed says what is meant. */
final class ChoosePrintRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $places = ['nullable', 'string', 'max:2000'];

        return [
            'revision' => ['required', 'integer'],
            'pad' => ['nullable', 'string', 'max:120'],
            'paper' => ['nullable', 'integer'],
            'aside' => ['nullable', Rule::in(['none', ...array_column(SetAside::cases(), 'value')])],
            'place' => $places,
            'turn' => $places,
            'clear' => $places,
        ];
    }

    /** @return list<string> places of the design, as one of the buttons names them */
    public function places(string $button): array
    {
        $said = $this->input($button);

        return is_string($said) ? array_values(array_filter(
            explode(' ', $said),
            static fn (string $place): bool => preg_match('~^[a-z0-9/#-]{1,190}$~D', $place) === 1,
        )) : [];
    }

    /** @return string|null what the print in hand is set aside for; `none`: for nothing; null: not asked */
    public function aside(): ?string
    {
        return $this->filled('aside') ? $this->string('aside')->value() : null;
    }

    /** @return array<string, string|int> what the stage shows again: the pad, and the print in hand */
    public function shown(): array
    {
        return array_filter(['pad' => $this->string('pad')->value(), 'paper' => $this->integer('paper')]);
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('paper', $project) : route('shelf');
    }
}
