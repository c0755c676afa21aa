<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;
use Ephemeron\Refusal;
use Ephemeron\Structure\BaseFlap;
use Ephemeron\Structure\BlankFlap;
use Ephemeron\Structure\DrawnBase;
use Ephemeron\Structure\FreeLineKind;
use Ephemeron\WorkPlan;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** One line, area or piece of a base that is drawn. */
final class DrawBaseRequest extends FormRequest
{
    use ReturnsToStage;

    /** What was typed stays typed where it is refused. */
    public const KEPT = [
        'act', 'at', 'along', 'fold', 'score', 'name', 'wide', 'tall', 'corners', 'kind',
        'area', 'edge', 'like', 'side', 'reach', 'breadth', 'from', 'tab', 'magnets',
    ];

    private const ACTS = [
        'score', 'move', 'fold', 'mirror', 'join', 'tab', 'cut', 'glue', 'size', 'line', 'unline', 'marks', 'blank',
        'flap', 'slide', 'mirror-flap', 'unflap',
    ];

    /** @return array<string, list<mixed>> lengths are read by the core */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'act' => ['required', Rule::in(self::ACTS)],
            'kind' => ['nullable', Rule::enum(FreeLineKind::class)],
            'corners' => ['nullable', 'string', 'max:2000'],
            'along' => ['nullable', Rule::enum(Axis::class)],
            'fold' => ['nullable', Rule::in(['valley', 'mountain', 'none'])],
            'score' => ['nullable', 'integer', 'between:1,400'],
            'column' => ['nullable', 'integer', 'between:1,24'],
            'row' => ['nullable', 'integer', 'between:1,24'],
            'name' => ['nullable', 'string', 'max:40', 'not_regex:/[:;]/'],
            'side' => ['nullable', Rule::in(['front', 'back'])],
            'area' => ['required_if:act,flap', 'nullable', 'regex:/^\d{1,2}-\d{1,2}$/'],
            'like' => ['nullable', 'regex:/^\d{1,2}-\d{1,2}$/'],
            'edge' => ['required_if:act,flap', 'nullable', Rule::enum(Edge::class)],
            'magnets' => ['nullable', 'integer', 'between:0,4'],
            'place' => ['required_if:act,slide,mirror-flap,unflap', 'nullable', 'string', 'max:400', 'starts_with:things.'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => 'A name of at most 40 signs, without : and ;.', '*' => 'That is no line and no area of this base.'];
    }

    /**
     * What is to be changed in the design.
     *
     * @param array<string, mixed> $file the design as its file writes it
     * @return array<string, mixed> by place
     *
     * @throws Refusal
     * @throws ValidationException where a length cannot be read
     */
    public function changes(DrawnBase $base, WorkPlan $plan, array $file): array
    {
        $design = $plan->design;

        return match ($this->string('act')->value()) {
            'flap' => $this->added($this->flap($base, $design->unit), $base, $plan),
            'slide' => $this->slid($base, $plan),
            'mirror-flap' => $this->added($this->flapAt($base, $plan)->fromTheOtherEnd($base), $base, $plan),
            'unflap' => $plan->layout->furnished->at($this->flapAt($base, $plan)->thing->place)?->standing
                ->takingOff($this->string('place')->value()) ?? [],
            'blank' => $base->blank($design->materials[StockRole::StructureCard->value]->sheet)->changes(),
            default => $this->applied($base, $design->unit, $design->tools->grid)->changes($file),
        };
    }

    private function flap(DrawnBase $base, Unit $unit): BaseFlap
    {
        [$column, $row] = $this->area('area', $base);
        $edge = Edge::from($this->string('edge')->value());
        $like = $this->filled('like') ? $base->area(...$this->area('like', $base))->size() : null;
        [$reach, $breadth] = $edge->isUpright() ? [$like?->width, $like?->height] : [$like?->height, $like?->width];
        $length = fn (string $field, ?Length $else = null): ?Length => $this->filled($field) ? $this->length($field, $unit) : $else;

        return new BaseFlap(
            $column,
            $row,
            $edge,
            $this->string('side')->value() === 'back' ? Side::B : Side::A,
            $length('reach', $reach),
            $length('breadth', $breadth),
            $length('from'),
            $length('tab'),
            $this->integer('magnets'),
        );
    }

    /** @return array{int, int} column and row */
    private function area(string $field, DrawnBase $base): array
    {
        [$column, $row] = array_map(intval(...), [...explode('-', $this->string($field)->value()), '0']);
        if ($column < 1 || $row < 1 || $column > $base->columns->count() || $row > $base->rows->count()) {
            throw ValidationException::withMessages([$field => 'That is no area of this base.']);
        }

        return [$column, $row];
    }

    /** @return array<string, string> the flap somewhere else along its edge */
    private function slid(DrawnBase $base, WorkPlan $plan): array
    {
        $flap = $this->flapAt($base, $plan);
        $at = $this->length('at', $plan->design->unit);
        $to = $this->boolean('pressed') ? $plan->design->tools->grid->nearest($at) : $at;

        return ["{$flap->thing->place}.parameters.along" => $plan->notation()->exact($flap->slidTo($to, $base))];
    }

    private function flapAt(DrawnBase $base, WorkPlan $plan): BlankFlap
    {
        foreach (BlankFlap::all($plan->blueprint, $base) as $flap) {
            if ($flap->thing->place === $this->string('place')->value()) {
                return $flap;
            }
        }

        throw ValidationException::withMessages(['at' => 'That is no flap of this base.']);
    }

    /** @return array<string, mixed> */
    private function added(BaseFlap $flap, DrawnBase $base, WorkPlan $plan): array
    {
        if (! in_array("{$flap->column}-{$flap->row}", $base->areas(), true)) {
            throw ValidationException::withMessages(['area' => "Of area {$flap->column}-{$flap->row} nothing is left."]);
        }

        return $flap->changes($base, $plan->design->things, $plan->layout->furnished->things, $plan->notation());
    }

    /**
     * The base as it is then.
     *
     * @throws Refusal
     * @throws ValidationException where a length cannot be read
     */
    private function applied(DrawnBase $base, Unit $unit, ToolGrid $grid): DrawnBase
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
            'marks' => $base->onMarks($grid),
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
