<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Drawer\SheetsThere;
use Closure;
use Ephemeron\Advice\Hand;
use Ephemeron\Advice\Shutting;
use Ephemeron\Advice\Wish;
use Ephemeron\Drawer\Sheets;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\PaperKind;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Refusal;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Skill;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What somebody says who looks for a book; every answer may be left out. */
final class AdviceRequest extends FormRequest
{
    /** The fields of it, as they are handed on when a book is begun. */
    public const FIELDS = [
        'ask', 'unit', 'photo', 'photos', 'way', 'cards', 'from', 'pad', 'sheet', 'count', 'width', 'height', 'thick', 'shutting', 'skill',
        'hours', 'copies', 'without',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(Catalogue $catalogue): array
    {
        $isKnown = static function (string $field, mixed $key, Closure $fail) use ($catalogue): void {
            if (! is_string($key) || ! $catalogue->has($key)) {
                $fail('Choose one of what is offered.');
            }
        };

        return [
            'unit' => ['nullable', Rule::enum(Unit::class)],
            'photo' => ['nullable', Rule::enum(PhotoSize::class)],
            'photos' => ['nullable', 'integer', 'between:0,400'],
            'way' => ['nullable', Rule::in(['lying', 'standing'])],
            'cards' => ['nullable', 'integer', 'between:0,200'],
            'from' => ['nullable', Rule::in(['bought', 'sheets', 'drawer'])],
            'pad' => ['nullable', 'string', 'max:120'],
            'sheet' => ['nullable', Rule::enum(SheetFormat::class)],
            'count' => ['nullable', 'integer', 'between:1,999'],
            'width' => ['nullable', 'required_with:height', $this->length()],
            'height' => ['nullable', 'required_with:width', $this->length()],
            'thick' => ['nullable', $this->length()],
            'shutting' => ['nullable', Rule::enum(Shutting::class)],
            'skill' => ['nullable', Rule::enum(Skill::class)],
            'hours' => ['nullable', 'numeric', 'between:0.5,200'],
            'copies' => ['nullable', 'integer', 'between:1,60'],
            'without' => ['nullable', 'array'],
            'without.*' => [Rule::in(['needle', 'coil'])],
            'beside' => ['nullable', 'array', 'max:3'],
            'beside.*' => [$isKnown],
            'structure' => [$this->isMethod('post') ? 'required' : 'nullable', 'string', $isKnown],
            'name' => [$this->isMethod('post') ? 'required' : 'nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'photos.*' => 'A whole number of prints, 0 to 400.',
            'cards.*' => 'A whole number of cards, 0 to 200.',
            'count.*' => 'A whole number of sheets, 1 to 999; nothing: as many as it takes.',
            'copies.*' => 'A whole number of books, 1 to 60.',
            'hours.*' => 'Hours as a number, ½ an hour (0.5) to 200.',
            'width.required_with' => 'Say how wide it may be, too.',
            'height.required_with' => 'Say how tall it may be, too.',
            'name.*' => 'Give it a name of at most 120 characters.',
            'beside.*' => 'At most three books stand side by side.',
            ...array_fill_keys(
                ['unit.*', 'photo.*', 'way.*', 'from.*', 'pad.*', 'sheet.*', 'shutting.*', 'skill.*', 'without.*', 'structure.*'],
                'Choose one of what is offered.',
            ),
        ];
    }

    public function isAsked(): bool
    {
        return $this->has('ask');
    }

    public function unit(): Unit
    {
        $asked = $this->input('unit');

        return is_string($asked) ? Unit::tryFrom($asked) ?? Unit::Inch : Unit::Inch;
    }

    public function wish(SheetsThere $there): Wish
    {
        $from = $this->string('from')->value();
        $photo = PhotoSize::tryFrom($this->string('photo')->value());
        $width = $this->measured('width');
        $height = $this->measured('height');
        $without = (array) $this->input('without', []);

        return new Wish(
            photo: $photo ?? ($this->integer('photos') > 0 ? PhotoSize::usualFor($this->unit())[0] : null),
            photos: $this->integer('photos'),
            lying: match ($this->string('way')->value()) {
                'lying' => true,
                'standing' => false,
                default => null,
            },
            cards: $this->integer('cards'),
            hand: $from === 'sheets' ? new Hand('the sheets in hand', $this->sheetFormat()->size(), $this->integer('count') ?: null) : null,
            there: $from !== 'drawer' ? [] : ($there->of($this->string('pad')->value()) ?: [self::nothing()]),
            outer: $width === null || $height === null ? null : new Size($width, $height),
            thick: $this->measured('thick'),
            shutting: Shutting::tryFrom($this->string('shutting')->value()),
            needle: ! in_array('needle', $without, true),
            coil: ! in_array('coil', $without, true),
            most: Skill::tryFrom($this->string('skill')->value()),
            copies: max(1, $this->integer('copies')),
        );
    }

    /** @return float|null hours that there are for one book */
    public function hours(): ?float
    {
        return $this->filled('hours') ? $this->float('hours') : null;
    }

    /** @return list<string> keys of structures that stand side by side */
    public function beside(): array
    {
        return array_values(array_filter((array) $this->input('beside', []), is_string(...)));
    }

    protected function getRedirectUrl(): string
    {
        // Who begins a book sees the others again; what was asked wrongly is asked again.
        return $this->isMethod('post') ? route('adviser', $this->only(self::FIELDS)) : route('adviser');
    }

    private static function nothing(): Sheets
    {
        return new Sheets(PaperKind::Pattern, SheetFormat::TwelveSquare->size(), 0);
    }

    private function sheetFormat(): SheetFormat
    {
        return SheetFormat::tryFrom($this->string('sheet')->value())
            ?? ($this->unit() === Unit::Inch ? SheetFormat::TwelveSquare : SheetFormat::ThirtySquare);
    }

    private function measured(string $field): ?Length
    {
        return $this->filled($field) ? Length::parse($this->string($field)->value(), $this->unit()) : null;
    }

    private function length(): Closure
    {
        return function (string $field, mixed $typed, Closure $fail): void {
            try {
                if (! is_string($typed) || ! Length::parse($typed, $this->unit())->isPositive()) {
                    $fail('It must be more than nothing.');
                }
            } catch (Refusal $refusal) {
                $fail($refusal->getMessage());
            }
        };
    }
}
