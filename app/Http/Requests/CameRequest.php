<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
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
        'large' => 'is too large by',
        'small' => 'is too small by',
        'crooked' => 'is crooked by',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'step' => ['required', 'string', 'max:190'],
            'part' => ['required', 'string', 'max:200'],
            'axis' => ['required', Rule::enum(Axis::class)],
            'verdict' => ['required', Rule::in(array_keys(self::VERDICTS))],
            'came' => ['required', 'string', 'max:30'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'came.required' => 'What did it come to?',
            'part.*' => 'Which piece?',
            'axis.*' => 'Its width or its height?',
            'verdict.*' => 'How did it come?',
        ];
    }

    public function axis(): Axis
    {
        return Axis::from($this->string('axis')->value());
    }

    public function isCrooked(): bool
    {
        return $this->input('verdict') === 'crooked';
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
            'large' => $planned->plus($read),
            'small', 'crooked' => $planned->minus($read),
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
