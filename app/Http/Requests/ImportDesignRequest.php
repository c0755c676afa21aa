<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Safekeeping\BookCopy;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

final class ImportDesignRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', $this->isBook() ? 'max:204800' : 'max:5120']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.max' => $this->isBook() ? 'A book is at most 200 MB.' : 'A design or a pattern page is at most 5 MB.',
            'file.*' => 'Choose a design file to bring in; or a pattern page; it is at most 5 MB.',
        ];
    }

    /** Whether it is a book with all that belongs to it. */
    public function isBook(): bool
    {
        return BookCopy::looksLike($this->place());
    }

    public function place(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file->getPathname() : '';
    }

    public function contents(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file->getContent() : '';
    }

    protected function getRedirectUrl(): string
    {
        return route('shelf');
    }
}
