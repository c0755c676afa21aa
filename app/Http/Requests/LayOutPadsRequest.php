<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Ephemeron\Papering\Weights;
use Ephemeron\Papering\Wish;
use Illuminate\Foundation\Http\FormRequest;

/** The pads to lay out over a book, and what each wish is worth. */
final class LayOutPadsRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'pad' => ['nullable', 'string', 'max:120'],
            'pads' => ['required', 'array', 'max:40'],
            'pads.*' => ['nullable', 'string', 'max:120'],
            'wish' => ['nullable', 'array'],
            'wish.*' => ['nullable', 'integer', 'min:0', 'max:'.Weights::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pads.required' => 'Choose a pad to lay out.',
            'wish.*' => sprintf('A wish is worth 0 to %d.', Weights::MOST),
        ];
    }

    /** @return list<string> */
    public function pads(): array
    {
        return array_values(array_map(static fn (mixed $pad): string => is_string($pad) ? $pad : '', (array) $this->input('pads')));
    }

    public function weights(): Weights
    {
        $said = [];
        foreach (Wish::cases() as $wish) {
            $worth = $this->input("wish.{$wish->value}");
            if (is_numeric($worth)) {
                $said[$wish->value] = (int) $worth;
            }
        }

        return new Weights($said);
    }

    /** @return array<string, string> the pad that the stage shows again */
    public function shown(): array
    {
        return array_filter(['pad' => $this->string('pad')->value()]);
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('paper', $project) : route('shelf');
    }
}
