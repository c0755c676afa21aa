<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class CreateProjectRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'structure' => ['required', 'string', static function (string $field, mixed $key, Closure $fail) use ($catalogue): void {
                if (! is_string($key) || ! $catalogue->has($key)) {
                    $fail('Choose one of the structures.');
                }
            }],
            'unit' => ['required', Rule::enum(Unit::class)],
            'name' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'structure.*' => 'Choose one of the structures.',
            'unit.*' => 'Choose inches or centimetres.',
            'name.max' => 'A name has at most 120 characters.',
            'name.string' => 'A name is a line of text.',
        ];
    }

    protected function getRedirectUrl(): string
    {
        return route('shelf');
    }
}
