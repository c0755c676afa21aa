<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Ephemeron\Measure\Unit;
use Illuminate\Foundation\Http\FormRequest;

/** What is not asked for one book is asked in inches or centimetres; inches where nothing readable is said. */
final class UnitRequest extends FormRequest
{
    /** @return array<string, list<string>> what papers want is checked by the core, field by field */
    public function rules(): array
    {
        return [];
    }

    public function unit(): Unit
    {
        $asked = $this->input('unit');

        return is_string($asked) ? Unit::tryFrom($asked) ?? Unit::Inch : Unit::Inch;
    }
}
