<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;
use Illuminate\Foundation\Http\FormRequest;

/** Sums on a page of their own. What cannot be read is said beside its field; the others are answered all the same. */
final class EighthsRequest extends FormRequest
{
    /** @return array<string, list<string>> what is typed is read by the core, field by field */
    public function rules(): array
    {
        return [];
    }

    public function unit(): Unit
    {
        return Unit::tryFrom($this->said('unit')) ?? Unit::Inch;
    }

    public function notation(): Notation
    {
        $grid = ToolGrid::tryFrom($this->said('grid'));

        return new Notation($this->unit(), $grid?->unit() === $this->unit() ? $grid : ToolGrid::usualFor($this->unit()));
    }

    /** As it was typed; empty where it was not. */
    public function said(string $field): string
    {
        $value = $this->query($field);

        return is_string($value) ? mb_substr($value, 0, 200) : '';
    }

    /** @return Length|string|null a sentence where it is no length, null where nothing was typed */
    public function measured(string $field): Length|string|null
    {
        if (trim($this->said($field)) === '') {
            return null;
        }
        try {
            return Length::parse($this->said($field), $this->unit());
        } catch (Refusal $refusal) {
            return $refusal->getMessage();
        }
    }

    /** @return int|string|null a sentence where it is none in the range, null where nothing was typed */
    public function counted(string $field, int $least, int $most): int|string|null
    {
        $typed = trim($this->said($field));

        return match (true) {
            $typed === '' => null,
            preg_match('/^\d{1,4}$/', $typed) === 1 && (int) $typed >= $least && (int) $typed <= $most => (int) $typed,
            default => "A whole number, {$least} to {$most}.",
        };
    }
}
