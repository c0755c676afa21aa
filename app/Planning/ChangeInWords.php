<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Arr;

/** Says what differs between two stored designs: `leaf width 5 in → 5 1/2 in`. */
final readonly class ChangeInWords
{
    private const MOST = 2;

    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    public function between(array $before, array $after): string
    {
        if (($before['unit'] ?? null) !== ($after['unit'] ?? null)) {
            // Every length is now written another way, and none of them has changed.
            return $after['unit'] === 'cm' ? 'read in centimetres' : 'read in inches';
        }
        $things = count((array) ($after['furniture'] ?? [])) <=> count((array) ($before['furniture'] ?? []));
        if ($things !== 0) {
            return $things > 0 ? 'something put on a page' : 'something taken off a page';
        }
        $before = Arr::dot($before);
        $after = Arr::dot($after);
        $changes = [];
        foreach ($after + $before as $place => $value) {
            $was = $before[$place] ?? null;
            $is = $after[$place] ?? null;
            if ($was !== $is && ! (is_array($was) || is_array($is))) {
                $changes[] = sprintf('%s %s → %s', $this->place((string) $place), $this->shown($was), $this->shown($is));
            }
        }
        $said = implode(', ', array_slice($changes, 0, self::MOST));

        return count($changes) > self::MOST ? sprintf('%s and %d more', $said, count($changes) - self::MOST) : $said;
    }

    private function place(string $place): string
    {
        $words = array_filter(explode('.', $place), static fn (string $word): bool => ! in_array($word, ['parameters', 'materials', 'faces'], true) && ! is_numeric($word));

        return str_replace('-', ' ', implode(' ', $words));
    }

    private function shown(mixed $value): string
    {
        return match (true) {
            $value === null => 'left open',
            is_bool($value) => $value ? 'yes' : 'no',
            default => is_scalar($value) ? (string) $value : 'something',
        };
    }
}
