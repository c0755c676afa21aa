<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Refusal;
use Ephemeron\Structure\DrawnBase;
use Ephemeron\Structure\FreeLineKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** One line, area or piece of a base that is drawn. */
final class DrawBaseRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> lengths are read by the core */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'act' => ['required', Rule::in(['score', 'move', 'fold', 'mirror', 'join', 'tab', 'cut', 'glue', 'size', 'line', 'unline'])],
            'kind' => ['nullable', Rule::enum(FreeLineKind::class)],
            'corners' => ['nullable', 'string', 'max:2000'],
            'along' => ['nullable', Rule::enum(Axis::class)],
            'fold' => ['nullable', Rule::in(['valley', 'mountain', 'none'])],
            'score' => ['nullable', 'integer', 'between:1,400'],
            'column' => ['nullable', 'integer', 'between:1,24'],
            'row' => ['nullable', 'integer', 'between:1,24'],
            'name' => ['nullable', 'string', 'max:40', 'not_regex:/[:;]/'],
            'side' => ['nullable', Rule::in(['front', 'back'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => 'A name of at most 40 signs, without : and ;.', '*' => 'That is no line and no area of this base.'];
    }

    /**
     * The base as it is then.
     *
     * @throws Refusal
     * @throws ValidationException where a length cannot be read
     */
    public function applied(DrawnBase $base, Unit $unit, ToolGrid $grid): DrawnBase
    {
        $along = Axis::tryFrom($this->string('along')->value()) ?? Axis::Width;
        $score = $this->integer('score');
        $fold = match ($this->string('fold')->value()) {
            'mountain' => Fold::Mountain,
            'none' => null,
            default => Fold::Valley,
        };
        $at = fn (): Length => $this->boolean('pressed')
            ? $base->meant($along, $this->length('at', $unit), $grid) : $this->length('at', $unit);

        return match ($this->string('act')->value()) {
            'score' => $base->scored($along, $at(), $fold),
            'move' => $base->moved($along, $score, $this->boolean('pressed') ? $grid->nearest($this->length('at', $unit)) : $at()),
            'fold' => $base->folding($along, $score, $fold),
            'mirror' => $base->mirrored($along, $score),
            'join' => $base->joined($along, $score),
            'tab' => $base->tabbed($along, $score),
            'size' => $base->inAll($along, $this->length('at', $unit)),
            'line' => $base->lined(
                FreeLineKind::tryFrom($this->string('kind')->value()) ?? FreeLineKind::Valley,
                $this->string('corners')->trim()->value(),
            ),
            'unline' => $base->unlined($score),
            'cut' => $base->cut($this->integer('column'), $this->integer('row')),
            default => $base->glued(
                $this->string('name')->trim()->value() ?: 'Piece '.(count($base->pieces->pieces) + 1),
                new Size($this->length('wide', $unit), $this->length('tall', $unit)),
                $this->integer('column'),
                $this->integer('row'),
                $this->string('side')->value() === 'back' ? Side::B : Side::A,
            ),
        };
    }

    protected function getRedirectUrl(): string
    {
        return $this->url();
    }

    private function length(string $field, Unit $unit): Length
    {
        $typed = $this->input($field);
        try {
            return Length::parse(is_string($typed) ? $typed : '', $unit);
        } catch (Refusal $refusal) {
            throw ValidationException::withMessages([$field => $refusal->getMessage()]);
        }
    }
}
