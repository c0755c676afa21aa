<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The four corners of a sheet on its photograph. */
final class SquareUpRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $share = '(?:0(?:\.\d{1,6})?|1(?:\.0{1,6})?)';

        return ['side' => ['required', 'in:A,B'], 'corners' => ['required', 'string', "regex:~^{$share}(?: {$share}){7}$~D"]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['corners.*' => 'Lay the four marks on the corners of the sheet.', 'side.*' => 'It is side A or side B.'];
    }

    /** @return list<array{float, float}> upper left, upper right, lower right, lower left, as shares of the picture */
    public function corners(): array
    {
        $numbers = array_map(floatval(...), explode(' ', $this->string('corners')->value()));
        $corners = [];
        foreach (range(0, 3) as $corner) {
            $corners[] = [$numbers[2 * $corner], $numbers[2 * $corner + 1]];
        }

        return $corners;
    }
}
