<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Paper;
use App\Models\Project;
use Ephemeron\Filling\KeepsakeKind;
use Ephemeron\Paper\PhotoSize;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/** Photos, cards or envelopes of one size that are to go in; or cards of a printed sheet of the drawer. */
final class AddKeepsakesRequest extends FormRequest
{
    use ReturnsToStage;

    public const MOST = 60;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $own = Rule::requiredIf(fn (): bool => ! $this->filled('sheet') && $this->input('size') === 'own');

        return [
            'revision' => ['required', 'integer'],
            'name' => ['nullable', 'string', 'max:76'],
            'kind' => ['nullable', Rule::enum(KeepsakeKind::class)],
            'size' => ['nullable', Rule::in([...array_column(PhotoSize::cases(), 'value'), 'own'])],
            'width' => [$own, 'nullable', 'string', 'max:30'],
            'height' => [$own, 'nullable', 'string', 'max:30'],
            'lies' => ['nullable', 'boolean'],
            'count' => ['nullable', 'integer', 'min:1', 'max:'.self::MOST],
            'sheet' => ['nullable', 'integer', Rule::exists('papers', 'id')->whereNull('deleted_at')],
            'cards' => ['required_with:sheet', 'nullable', 'array', 'max:'.self::MOST],
            'cards.*' => ['integer', 'min:1', 'max:'.self::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'A name has at most 76 characters.',
            'kind.*' => 'It is a photo, a card or an envelope.',
            'size.*' => 'Choose a size, or say your own.',
            'width.*' => 'How wide is it?',
            'height.*' => 'How tall is it?',
            'count.*' => sprintf('How many, 1 to %d.', self::MOST),
            'sheet.*' => 'That sheet is not in the drawer any more.',
            'cards.*' => 'Choose the cards that are to go in.',
        ];
    }

    public function sheet(): ?Paper
    {
        return $this->filled('sheet') ? Paper::query()->find($this->integer('sheet')) : null;
    }

    /**
     * As a design file says them.
     *
     * @param list<string> $taken keys of what is to go in already
     * @param string|null $print key of the printed sheet among the papers of the design
     * @return array<string, array<string, mixed>> by key
     */
    public function keepsakes(array $taken, ?string $print): array
    {
        $kind = KeepsakeKind::tryFrom($this->string('kind')->value()) ?? KeepsakeKind::Print;
        $name = $this->string('name')->trim()->value() ?: ucfirst($kind->label());
        $added = [];
        if ($print !== null) {
            $cards = $this->sheet()?->printedCards() ?? [];
            foreach ((array) $this->input('cards') as $number) {
                $card = is_numeric($number) ? $cards[(int) $number - 1] ?? null : null;
                if ($card !== null) {
                    $called = $card->name === '' ? "Card {$number}" : $card->name;
                    $added[self::freeKey($called, [...$taken, ...array_keys($added)])] = [
                        'name' => $called,
                        'kind' => KeepsakeKind::Card->value,
                        'paper' => $print,
                        'card' => (int) $number,
                    ];
                }
            }

            return $added;
        }
        $count = $this->filled('count') ? $this->integer('count') : 1;
        foreach (range(1, $count) as $number) {
            $called = $count === 1 ? $name : "{$name} {$number}";
            $added[self::freeKey($called, [...$taken, ...array_keys($added)])] = [
                'name' => $called,
                'kind' => $kind->value,
                ...$this->size(),
            ];
        }

        return $added;
    }

    /** @return array<string, string> the way up it is to be seen */
    private function size(): array
    {
        $photo = PhotoSize::tryFrom($this->string('size')->value());
        $size = $this->input('size') === 'own' ? null : ($photo ?? PhotoSize::FourBySix)->size();
        if ($size === null) {
            return ['width' => $this->string('width')->value(), 'height' => $this->string('height')->value()];
        }
        $seen = $this->boolean('lies') ? $size->turned() : $size;

        return ['width' => "{$seen->width->inMillimetres()} mm", 'height' => "{$seen->height->inMillimetres()} mm"];
    }

    /** @param list<string> $taken */
    private static function freeKey(string $name, array $taken): string
    {
        $base = Str::limit(Str::slug($name) ?: 'photo', 32, '');
        for ($key = $base, $number = 2; in_array($key, $taken, true); $number++) {
            $key = "{$base}-{$number}";
        }

        return $key;
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route('keepsakes', $project) : route('shelf');
    }
}
