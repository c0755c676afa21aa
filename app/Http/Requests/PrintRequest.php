<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Print\PrintPaper;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class PrintRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'paper' => ['nullable', Rule::enum(PrintPaper::class)],
            'letters' => ['nullable', 'array', 'max:200'],
            'letters.*' => ['string', 'max:3'],
        ];
    }

    public function paper(): PrintPaper
    {
        return $this->enum('paper', PrintPaper::class) ?? PrintPaper::A4;
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
