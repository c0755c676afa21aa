<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Planning\Asking;
use App\Planning\Settings;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Design\Parameter;
use Ephemeron\Format\Complaints;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Unit;

/** Reads a supply as it is typed: what is counted wants a count, what is sold by length a length. */
final readonly class SupplyReader
{
    public function __construct(private Settings $settings)
    {
    }

    /**
     * @param array<array-key, mixed> $typed by field
     * @return array{array<string, mixed>, array<string, string>} attributes of a {@see \App\Models\Supply}, and a sentence for every
     *     field that is wrong
     */
    public function read(array $typed, Unit $unit): array
    {
        $complaints = new Complaints;
        $text = static fn (string $field): string => is_scalar($typed[$field] ?? null) ? trim((string) $typed[$field]) : '';
        foreach (['name' => 'It wants a name', 'place' => 'Where it lies is said'] as $field => $what) {
            if (mb_strlen($text($field)) > 80 || ! mb_check_encoding($text($field), 'UTF-8')
                || ($field === 'name' && $text($field) === '')) {
                $complaints->add($field, "{$what} in at most 80 characters.");
            }
        }
        $kind = Sundry::tryFrom($text('kind'));
        if ($kind === null) {
            $complaints->add(
                'kind',
                'It is one of: '.implode(', ', array_map(static fn (Sundry $each): string => $each->label(), Sundry::cases())).'.',
            );
        }
        $byLength = $kind?->isByLength() ?? false;
        $parameter = $byLength
            ? Parameter::length('amount', 'The length', '', Length::zero(), Length::inches(40_000), Length::zero())
            : Parameter::count('amount', 'The number', '', 0, 100_000, 0);
        $amount = $complaints->reading(
            'amount',
            static fn () => $parameter->read($text('amount') === '' ? '-' : $text('amount'), $unit),
            0,
        );

        return [[
            'name' => $text('name'),
            'kind' => $kind,
            'count' => is_int($amount) ? $amount : 1,
            'length' => $amount instanceof Length ? $amount->ticks : null,
            'mills' => $complaints->reading(
                'price',
                fn (): int => Asking::kept($this->settings)->currency()->read($text('price') === '' ? '0' : $text('price'))->mills,
                0,
            ),
            'place' => $text('place'),
        ], $complaints->all()];
    }
}
