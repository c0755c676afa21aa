<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Ephemeron\Design\Allowances;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Gathering\Template;
use Ephemeron\Gathering\TooSmallCover;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\LengthOutOfRange;
use Ephemeron\Measure\MalformedLength;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Illuminate\Foundation\Http\FormRequest;

/** A cover that is there, for which leaves are made. */
final class CoverRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'stage' => ['nullable', 'string'],
            'cover-width' => ['required', 'string', 'max:30'],
            'cover-height' => ['required', 'string', 'max:30'],
            'tabs' => ['nullable', 'string', 'max:30'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['cover-width.*' => 'How wide is half of the cover?', 'cover-height.*' => 'How tall is it?'];
    }

    /** @throws InvalidDesign */
    public function template(Unit $unit): Template
    {
        $cover = new Size($this->measure('cover-width', $unit), $this->measure('cover-height', $unit));
        try {
            return Template::fromCover($cover, (new Allowances($unit))->quarter(), $this->tabs($unit));
        } catch (TooSmallCover $error) {
            throw InvalidDesign::at(['cover-width' => $error->getMessage()]);
        }
    }

    /** @throws InvalidDesign */
    public function tabs(Unit $unit): Length
    {
        return $this->filled('tabs') ? $this->measure('tabs', $unit) : Length::zero();
    }

    /** @throws InvalidDesign */
    private function measure(string $field, Unit $unit): Length
    {
        try {
            return Length::parse($this->string($field)->value(), $unit);
        } catch (MalformedLength|LengthOutOfRange $error) {
            throw InvalidDesign::at([$field => $error->getMessage()]);
        }
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('leaves', $project) : route('shelf');
    }
}
