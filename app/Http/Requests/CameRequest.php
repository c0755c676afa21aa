<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Ephemeron\AsMade\Dimension;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\UnknownPiece;
use Ephemeron\Design\Parameter;
use Ephemeron\Format\Complaints;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** “It came to …”: a piece of a step, its side, and what it measures or by how much it is out. */
final class CameRequest extends FormRequest
{
    public const VERDICTS = [
        'measures' => 'measures',
        'large' => 'is too large (proud) by',
        'small' => 'is too small by',
        'tight' => 'is tight by',
        'loose' => 'is loose by',
        'crooked' => 'is crooked by',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'step' => ['required', 'string', 'max:190'],
            'measure' => ['required', 'string', 'max:300', 'regex:/^(width|height)\|[^|]+\|[^|]+$/'],
            'verdict' => ['required', Rule::in(array_keys(self::VERDICTS))],
            'came' => ['required', 'string', 'max:30'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'came.required' => 'What did it come to?',
            'measure.*' => 'Which side of which piece?',
            'verdict.*' => 'How did it come?',
        ];
    }

    /** How the form names a measure: `width|page|front`. */
    public static function named(Dimension $dimension): string
    {
        return "{$dimension->axis->value}|{$dimension->part}|{$dimension->panel}";
    }

    /** @throws UnknownPiece where the book has no such piece, or the piece no such panel */
    public function dimension(Blueprint $blueprint): Dimension
    {
        [$axis, $part, $panel] = explode('|', $this->string('measure')->value());

        return Dimension::of($blueprint->part($part), $panel, Axis::from($axis));
    }

    public function isCrooked(): bool
    {
        return $this->input('verdict') === 'crooked';
    }

    /** Whether that is about how it goes into its place, and not about how it was cut. */
    public function isAboutPlay(): bool
    {
        return in_array($this->input('verdict'), ['tight', 'loose'], true);
    }

    /** What it measures; what is crooked is squared up first. Null where it cannot be read, which is complained about under `came`. */
    public function length(Length $planned, Unit $unit, Complaints $complaints): ?Length
    {
        $measures = $this->input('verdict') === 'measures';
        $read = $complaints->reading('came', fn (): mixed => Parameter::length(
            'came',
            $measures ? 'It' : 'The sliver',
            '',
            $measures ? Length::inches(0, 1, 8) : Length::ofTicks(1),
            $measures ? Length::inches(60) : Length::inches(2),
        )->read($this->string('came')->value(), $unit), null);
        if (! $read instanceof Length) {
            return null;
        }

        return match ($this->input('verdict')) {
            'large', 'tight' => $planned->plus($read),
            'small', 'loose', 'crooked' => $planned->minus($read),
            default => $read,
        };
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route(
            'bench',
            ['project' => $project, 'step' => is_string($this->input('step')) ? $this->input('step') : null],
        ).'#came' : route('shelf');
    }
}
