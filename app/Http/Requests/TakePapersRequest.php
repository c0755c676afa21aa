<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Ephemeron\Design\Alternation;
use Ephemeron\Paper\StockRole;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Papers for several roles at once. */
final class TakePapersRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'take' => ['required', 'array:'.implode(',', array_column(StockRole::cases(), 'value')), 'max:20'],
            'take.*' => ['nullable', 'integer'],
            'leftovers' => ['nullable', 'boolean'],
            'alternate' => ['nullable', Rule::enum(Alternation::class)],
        ];
    }

    /** @return list<array{StockRole, int}> */
    public function papers(): array
    {
        $papers = [];
        foreach ((array) $this->input('take') as $role => $paper) {
            $known = StockRole::tryFrom((string) $role);
            if ($known !== null && is_numeric($paper)) {
                $papers[] = [$known, (int) $paper];
            }
        }

        return $papers;
    }

    public function alternate(): ?Alternation
    {
        return Alternation::tryFrom($this->string('alternate')->value());
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('papers.for', $project) : route('shelf');
    }
}
