<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Departure;
use App\Models\Project;
use App\Planning\Asking;
use Ephemeron\Paper\Price;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Sold, given away or kept: when, how many, for how much. */
final class DepartureRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(array_keys(Departure::KINDS))],
            'copies' => ['required', 'integer', 'between:1,999'],
            'amount' => ['nullable', new InThisCurrency(app(Asking::class)->currency())],
            'on' => ['required', 'date_format:Y-m-d', 'before_or_equal:tomorrow'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => 'Sold, given away or kept?',
            'copies.*' => 'How many, 1 to 999.',
            'on.*' => 'On which day? Not in the future.',
        ];
    }

    /** @return array<string, int|string> */
    public function departure(): array
    {
        return [
            'kind' => $this->string('kind')->value(),
            'copies' => $this->integer('copies'),
            'mills' => $this->filled('amount') ? Price::parse($this->string('amount')->value())->mills : 0,
            'on' => $this->string('on')->value(),
        ];
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('log', $project) : route('shelf');
    }
}
