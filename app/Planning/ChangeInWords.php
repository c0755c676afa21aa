<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Design\Design;
use Ephemeron\Filling\Keepsake;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Gathering\Gathering;
use Ephemeron\Gathering\LeafPaper;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;
use Illuminate\Support\Arr;

/** Says what differs between two designs: `leaf width 5 in → 5 1/2 in`. */
final readonly class ChangeInWords
{
    private const MOST = 2;

    public function __construct(private DesignWriter $writer)
    {
    }

    /** Empty where nothing has changed. */
    public function between(Design $before, Design $after): string
    {
        if ($before->unit !== $after->unit) {
            // Every length is now written another way, and none of them has changed.
            return $after->unit === Unit::Centimetre ? 'read in centimetres' : 'read in inches';
        }
        [$was, $is] = [$this->writer->whole($before), $this->writer->whole($after)];
        $things = count((array) ($is['things'] ?? [])) <=> count((array) ($was['things'] ?? []));
        if ($things !== 0 && $before->parameters == $after->parameters) {
            return $things > 0 ? 'something put on a page' : 'something taken off a page';
        }
        $choices = $this->choices($before, $after);
        if ($choices !== null) {
            return $choices;
        }
        $heaped = $this->leaves($before->leaves, $after->leaves)
            ?? $this->prints($before->choices->papers, $after->choices->papers)
            ?? $this->keepsakes($before->keepsakes, $after->keepsakes)
            ?? $this->papers($before->materials, $after->materials);
        if ($heaped !== null) {
            return $heaped;
        }
        if ($before->parameters != $after->parameters) {
            // What follows from the measures is not said.
            unset($was['things'], $is['things']);
        }
        $said = $this->differences(Arr::dot($was), Arr::dot($is));

        return $said === '' && $before->things != $after->things ? 'things as usual again' : $said;
    }

    /** `Dew point for page 3`; null where no choice of a print has changed. */
    private function choices(Design $before, Design $after): ?string
    {
        [$was, $is] = [$before->choices->said, $after->choices->said];
        $changed = array_filter(
            array_keys($is + $was),
            static fn (string $place): bool => ($was[$place] ?? null) != ($is[$place] ?? null),
        );
        if (count($changed) !== 1) {
            return $changed === [] ? null : sprintf('prints for %d places', count($changed));
        }
        $place = $changed[array_key_first($changed)];
        $paper = $after->choices->papers[$is[$place]->paper ?? ''] ?? null;

        return sprintf('%s for %s', $paper->name ?? (isset($is[$place]) ? 'another print' : 'the usual paper'), $this->place($place));
    }

    /** A paper more or less on the heap, another order; null where it is none of these. */
    private function leaves(Gathering $before, Gathering $after): ?string
    {
        $names = static fn (Gathering $leaves): array => array_column(
            array_map(static fn (LeafPaper $paper): array => [$paper->key, $paper->stock->name], $leaves->heap),
            1,
            0,
        );
        [$was, $is] = [$names($before), $names($after)];
        [$more, $less] = [array_diff_key($is, $was), array_diff_key($was, $is)];

        return match (true) {
            $more !== [] && $less !== [] => 'other papers on the heap',
            $more !== [] => implode(', ', $more).' put on the heap',
            $less !== [] => implode(', ', $less).' taken off the heap',
            $before->order !== $after->order => 'another order of the leaves',
            default => null,
        };
    }

    /**
     * Prints more or fewer at hand; null where they are the same ones.
     *
     * @param array<string, Stock> $was by key
     * @param array<string, Stock> $is
     */
    private function prints(array $was, array $is): ?string
    {
        [$more, $less] = [array_diff_key($is, $was), array_diff_key($was, $is)];
        $named = static fn (array $prints): string => count($prints) === 1 ? $prints[array_key_first($prints)]->name
            : count($prints).' prints';

        return match (true) {
            $more !== [] && $less !== [] => 'other prints at hand',
            $more !== [] => "{$named($more)} laid to the book",
            $less !== [] => "{$named($less)} put back",
            default => null,
        };
    }

    /**
     * `Orbit card for first mats`; null where papers of the same names are cut.
     *
     * @param array<string, Stock> $was by role
     * @param array<string, Stock> $is
     */
    private function papers(array $was, array $is): ?string
    {
        $others = array_filter(
            $is,
            static fn (Stock $stock, string $role): bool => isset($was[$role]) && $was[$role]->name !== $stock->name,
            ARRAY_FILTER_USE_BOTH,
        );
        $role = array_key_first($others);

        return match (true) {
            $role === null => null,
            count($others) > 1 => 'other papers for '.count($others).' kinds of pieces',
            default => "{$others[$role]->name} for ".lcfirst(StockRole::from($role)->label()),
        };
    }

    /**
     * What goes in and where; null where that is the same.
     *
     * @param array<string, Keepsake> $was by key
     * @param array<string, Keepsake> $is
     */
    private function keepsakes(array $was, array $is): ?string
    {
        $named = static fn (array $things): string => count($things) === 1 ? "“{$things[array_key_first($things)]->name}”"
            : count($things).' things';
        [$more, $less] = [array_diff_key($is, $was), array_diff_key($was, $is)];
        if ($more !== [] || $less !== []) {
            return match (true) {
                $less === [] => "{$named($more)} to go in",
                $more === [] => "{$named($less)} not to go in",
                default => 'other things to go in',
            };
        }
        $isMoved = static fn (Keepsake $thing, string $key): bool => $thing->home !== $was[$key]->home;
        $moved = array_filter($is, $isMoved, ARRAY_FILTER_USE_BOTH);
        $home = count($moved) === 1 ? $moved[array_key_first($moved)]->home : null;

        return match (true) {
            $moved === [] => null,
            $home !== null => "{$named($moved)} to {$this->place($home)}",
            count($moved) === 1 => "{$named($moved)} nowhere yet",
            default => "places for {$named($moved)} that go in",
        };
    }

    /**
     * @param array<array-key, mixed> $before
     * @param array<array-key, mixed> $after
     */
    private function differences(array $before, array $after): string
    {
        $changes = [];
        foreach ($after + $before as $place => $value) {
            [$was, $is] = [self::said($before[$place] ?? null), self::said($after[$place] ?? null)];
            if ($was !== $is && ! (is_array($was) || is_array($is))) {
                $changes[] = $this->difference($this->place((string) $place), $this->shown($was), $this->shown($is));
            }
        }
        $said = implode(', ', array_slice($changes, 0, self::MOST));

        return count($changes) > self::MOST ? sprintf('%s and %d more', $said, count($changes) - self::MOST) : $said;
    }

    /** `covers last → covers first` names its place by itself. */
    private function difference(string $place, string $was, string $is): string
    {
        $isNamed = str_starts_with($was, "{$place} ") && str_starts_with($is, "{$place} ");

        return $isNamed ? "{$was} → {$is}" : "{$place} {$was} → {$is}";
    }

    /** A word that is empty says as little as none. */
    private static function said(mixed $value): mixed
    {
        return $value === '' ? null : $value;
    }

    private function place(string $place): string
    {
        $words = array_filter(
            explode('.', $place),
            static fn (string $word): bool => ! in_array(
                $word,
                ['parameters', 'materials', 'schools', 'faces', 'things', 'children', 'leaves', 'heap', 'ways'],
                true,
            ) && ! is_numeric($word),
        );

        return str_replace(['-', '/'], ' ', implode(' ', $words));
    }

    private function shown(mixed $value): string
    {
        return match (true) {
            $value === null => 'left open',
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value) && preg_match('/^[a-z]+(-[a-z]+)+$/', $value) === 1 => str_replace('-', ' ', $value),
            default => is_scalar($value) ? (string) $value : 'something',
        };
    }
}
