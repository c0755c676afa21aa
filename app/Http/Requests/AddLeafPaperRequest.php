<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Paper;
use App\Models\Project;
use Ephemeron\Gathering\Hue;
use Ephemeron\Gathering\LeafKind;
use Ephemeron\Gathering\WritingSpace;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
use Ephemeron\WorkPlan;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/** A paper comes onto the heap of a journal: one of the drawer, or one that is described here. */
final class AddLeafPaperRequest extends FormRequest
{
    use ReturnsToStage;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'stage' => ['nullable', 'string'],
            'drawer' => ['nullable', 'integer', Rule::exists('papers', 'id')->whereNull('deleted_at')],
            'book' => ['nullable', 'integer', Rule::exists('projects', 'id')->whereNull('deleted_at')],
            'name' => ['required_without_all:drawer,book', 'nullable', 'string', 'max:80'],
            'width' => ['required_without_all:drawer,book', 'nullable', 'string', 'max:30'],
            'height' => ['required_without_all:drawer,book', 'nullable', 'string', 'max:30'],
            'weight' => ['nullable', 'string', 'max:30'],
            'count' => ['nullable', 'integer', 'min:1', 'max:999'],
            'kind' => ['nullable', Rule::enum(LeafKind::class)],
            'front' => ['nullable', Rule::enum(WritingSpace::class)],
            'back' => ['nullable', Rule::enum(WritingSpace::class)],
            'text' => ['nullable', 'boolean'],
            'reference' => ['nullable', 'boolean'],
            'hue' => ['nullable', 'integer', 'min:0', 'max:359'],
            'bag' => ['nullable', Rule::enum(Edge::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required_without_all' => 'Give the paper a name, or take one from the drawer.',
            'width.required_without_all' => 'How wide is it, as it lies before you?',
            'height.required_without_all' => 'How tall is it?',
            'count.*' => 'How many sheets, 1 to 999.',
            'hue.*' => 'A hue is 0 to 359 degrees on the wheel, or nothing.',
            'drawer.exists' => 'That paper is not in the drawer any more.',
            'book.exists' => 'That book is not on the shelf any more.',
        ];
    }

    /**
     * As a design file says it.
     *
     * @param list<string> $taken keys of the papers that are on the heap
     * @return array<string, mixed>
     */
    public function paper(array $taken): array
    {
        $drawer = $this->filled('drawer') ? Paper::query()->find($this->integer('drawer')) : null;
        $name = $drawer->name ?? $this->string('name')->value();

        return [
            'key' => self::freeKey($name, $taken),
            'paper' => $drawer === null ? array_filter([
                'name' => $name,
                'sheet' => 'own',
                'width' => $this->string('width')->value(),
                'height' => $this->string('height')->value(),
                'weight' => $this->string('weight')->value() ?: '90',
            ]) : [
                'name' => $name,
                'sheet' => 'own',
                'width' => Length::ofTicks($drawer->width)->inMillimetres().' mm',
                'height' => Length::ofTicks($drawer->height)->inMillimetres().' mm',
                'weight' => $drawer->weight,
                'drawer' => (string) $drawer->id,
            ],
            'count' => $this->filled('count') ? $this->integer('count') : max(1, $drawer->count ?? 1),
            ...$this->traits($drawer),
            'hue' => $this->filled('hue') ? $this->integer('hue') : Hue::of($drawer->swatch ?? ''),
        ];
    }

    /**
     * A small book of the shelf, sewn in along its score, as a design file says it.
     *
     * @param list<string> $taken keys of the papers that are on the heap
     * @return array<string, mixed>
     */
    public function made(WorkPlan $book, array $taken): array
    {
        $closed = $book->blueprint->face('front-cover')->size;
        $millimetres = static fn (Length $length): string => $length->inMillimetres().' mm';

        return [
            'key' => self::freeKey($book->design->name, $taken),
            'paper' => [
                'name' => $book->design->name,
                'sheet' => 'own',
                'width' => $millimetres($closed->width->times(2)),
                'height' => $millimetres($closed->height),
                'thickness' => $millimetres($book->workings->profile->thickest(true)->half()),
            ],
            'kind' => LeafKind::Extra->value,
            'made' => true,
            'front' => WritingSpace::None->value,
            'back' => WritingSpace::Half->value,
        ];
    }

    /** @param list<string> $taken */
    private static function freeKey(string $name, array $taken): string
    {
        $base = Str::limit(Str::slug($name) ?: 'paper', 32, '');
        for ($key = $base, $number = 2; in_array($key, $taken, true); $number++) {
            $key = "{$base}-{$number}";
        }

        return $key;
    }

    /** @return array<string, string|bool|null> what it is for a journal: as it is said here, else as the drawer knows it */
    private function traits(?Paper $drawer): array
    {
        $known = $this->filled('kind') ? [] : $drawer->leaf ?? [];

        return [
            'kind' => $known['kind'] ?? ($this->string('kind')->value() ?: LeafKind::Plain->value),
            'text' => ($known['text'] ?? '') === '1' || $this->boolean('text'),
            'reference' => ($known['reference'] ?? '') === '1' || $this->boolean('reference'),
            'front' => $known['front'] ?? ($this->string('front')->value() ?: WritingSpace::All->value),
            'back' => $known['back'] ?? ($this->string('back')->value() ?: WritingSpace::All->value),
            'bag' => ($known['bag'] ?? $this->string('bag')->value()) ?: null,
        ];
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('leaves', $project) : route('shelf');
    }
}
