<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Ephemeron\Format\OwnStructureFile;
use Ephemeron\Structure\OwnStructure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A structure as it is written down, or its file. What is written is read by the core, place by place. */
final class OwnStructureRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['nullable', 'file', 'max:'.intdiv(OwnStructureFile::MOST, 1024)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.*' => 'A structure is a file of at most 200 KB.'];
    }

    public function contents(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? (string) file_get_contents($file->getPathname()) : '';
    }

    /** @return array<string, mixed> as its file would have it */
    public function said(): array
    {
        $lines = preg_split('/\R/', $this->text('measures')) ?: [];

        return [
            'name' => $this->text('name'),
            'summary' => $this->text('summary'),
            'skill' => $this->text('skill'),
            'unit' => $this->text('unit'),
            'measures' => array_values(array_filter($lines, static fn (string $line): bool => trim($line) !== '')),
            ...array_map($this->text(...), array_combine(OwnStructure::TEXTS, OwnStructure::TEXTS)),
        ];
    }

    protected function getRedirectUrl(): string
    {
        return route('own-structure');
    }

    private function text(string $field): string
    {
        $said = $this->input($field);

        return is_string($said) ? $said : '';
    }
}
