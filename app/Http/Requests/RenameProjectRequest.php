<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class RenameProjectRequest extends FormRequest
{
    protected $errorBag = 'rename';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => 'A name has 1 to 120 characters.'];
    }

    protected function getRedirectUrl(): string
    {
        return route('shelf');
    }
}
