<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Safekeeping\Copies;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A copy from a file, or one of those that are kept; and that it is meant. */
final class RestoreRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'copy' => ['required_without:kept', 'nullable', 'file', 'max:204800'],
            'kept' => ['nullable', 'string', 'max:60'],
            'meant' => ['accepted'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'copy.max' => 'A copy that is brought back here has at most 200 MB; larger ones by the command ephemeron:restore.',
            'copy.*' => 'Choose a copy of a shelf.',
            'meant.*' => 'Say that what is on the shelf now may make room for it.',
        ];
    }

    /** Where it lies. */
    public function copy(Copies $copies): string
    {
        $file = $this->file('copy');
        if ($file instanceof UploadedFile) {
            return $file->getPathname();
        }
        $kept = $this->string('kept')->value();

        return in_array($kept, $copies->all(), true) ? $copies->file($kept) : '';
    }

    protected function getRedirectUrl(): string
    {
        return route('copies');
    }
}
