<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Print\PrintPaper;
use App\Print\Scale;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class PrintRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'paper' => ['nullable', Rule::enum(PrintPaper::class)],
            'scale' => ['nullable', 'string', 'max:10', static function (string $field, mixed $value, callable $fail): void {
                if (! is_string($value) || Scale::tryParse($value) === null) {
                    $fail('A scale is written like 1/4, 0.3 or 25 %, from 1/20 to 1.');
                }
            }],
            'letters' => ['nullable', 'array', 'max:200'],
            'letters.*' => ['string', 'max:3'],
            'price' => ['nullable', 'string', 'max:20'],
            'count' => ['nullable', 'integer', 'between:1,200'],
        ];
    }

    public function paper(): PrintPaper
    {
        return $this->enum('paper', PrintPaper::class) ?? PrintPaper::A4;
    }

    public function scale(): Scale
    {
        return Scale::tryParse($this->string('scale')->value()) ?? Scale::tryParse('1/4')
            ?? throw new \LogicException('A quarter is a scale.');
    }

    public function price(): string
    {
        return $this->string('price')->trim()->value();
    }

    /** How many tags. */
    public function count(): int
    {
        return $this->filled('count') ? $this->integer('count') : 8;
    }

    /** @return list<string>|null the pieces to print, null: all */
    public function letters(): ?array
    {
        $letters = $this->input('letters');

        return is_array($letters) && $letters !== [] ? array_values(array_filter($letters, is_string(...))) : null;
    }

    protected function getRedirectUrl(): string
    {
        return route('print', $this->route('project'));
    }
}
