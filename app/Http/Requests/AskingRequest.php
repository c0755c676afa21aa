<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Planning\Asking;
use Illuminate\Foundation\Http\FormRequest;

final class AskingRequest extends FormRequest
{
    private const MONEY = 'regex:/^\d{1,5}([.,]\d{1,2})?$/D';

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'currency' => ['required', 'regex:/^[A-Z]{3}$/D'],
            'rate' => ['required', self::MONEY],
            'fee' => ['required', self::MONEY],
            'step' => ['required', self::MONEY, 'not_in:0,0.0,0.00,0,00'],
            'pieces' => ['required', 'integer', 'between:1,9999'],
            'way' => ['required', 'in:plus,factor'],
            'margin' => ['required', 'regex:/^\d{1,4}([.,]\d{1,2})?$/D'],
            'paper' => ['required', 'in:begun,used'],
            'minutes' => ['nullable', 'integer', 'between:0,99999'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'currency.*' => 'Three capital letters, as ISO 4217 has them: EUR.',
            'rate.*' => 'What an hour is worth: 12.00.',
            'fee.*' => 'What the table costs: 45.00, or 0.',
            'step.*' => 'What prices are rounded up to: 0.50.',
            'pieces.*' => 'How many pieces lie on the table, 1 or more.',
            'margin.*' => 'Per cent or factor is a number: 30, 2.5.',
            'minutes.*' => 'Whole minutes for one book.',
        ];
    }

    /** @return array<string, string> */
    public function said(): array
    {
        $said = [];
        foreach (array_keys(Asking::USUAL) as $key) {
            $value = $this->input($key);
            $said[$key] = is_string($value) ? trim($value) : '';
        }

        return $said;
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('cost', $project) : route('shelf');
    }
}
