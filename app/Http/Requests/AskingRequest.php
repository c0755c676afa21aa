<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Planning\Asking;
use Ephemeron\Selling\Currency;
use Illuminate\Foundation\Http\FormRequest;

final class AskingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $code = $this->input('currency');
        // Sums are read in the currency that is chosen with them.
        $currency = new Currency(is_string($code) && preg_match('/^[A-Z]{3}$/D', $code) === 1 ? $code : Asking::USUAL['currency']);
        $money = new InThisCurrency($currency);

        return [
            'currency' => ['required', 'regex:/^[A-Z]{3}$/D'],
            'rate' => ['required', $money],
            'fee' => ['required', $money],
            'step' => ['required', new InThisCurrency($currency, isMoreThanNothing: true)],
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
            'rate.required' => 'What is an hour worth?',
            'fee.required' => 'What the table costs, or 0.',
            'step.required' => 'What are prices rounded up to?',
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

        $books = max(1, $this->integer('books', 1));

        return $project instanceof Project ? route('cost', ['project' => $project, 'books' => $books]) : route('shelf');
    }
}
