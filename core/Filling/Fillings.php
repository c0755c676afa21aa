<?php

declare(strict_types=1);

namespace Ephemeron\Filling;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Measure\Notation;

/** What is to go into a book and where: looked through, or laid out by itself. Common practice, no published source. */
final readonly class Fillings
{
    /** @var array<string, Home> */
    public array $homes;

    /** @param array<string, Keepsake> $keepsakes by key */
    public function __construct(private Blueprint $blueprint, private array $keepsakes, private Notation $notation)
    {
        $this->homes = Homes::of($blueprint);
    }

    /** @return array<string, Settled> every one of them, with what is to be said of it */
    public function settled(): array
    {
        $settled = [];
        $there = [];
        foreach ($this->keepsakes as $key => $one) {
            $home = $this->homes[$one->home ?? ''] ?? null;
            $fitting = $home?->takes($one, ...($home->kind === HomeKind::Page ? $there[$home->key] ?? [] : []));
            $settled[$key] = new Settled((string) $key, $one, $home, $fitting, $this->notes($one, $home, $fitting, $there));
            if ($home !== null) {
                $there[$home->key][] = $one;
            }
        }

        return $settled;
    }

    /**
     * A home for everything that has none by hand: as many as go in, standing the way they are to be seen, trimmed where nothing else
     * helps, never two thick pockets facing each other.
     *
     * @return array<string, Keepsake> with their homes; null where there is none
     */
    public function proposed(): array
    {
        $there = [];
        $open = [];
        foreach ($this->keepsakes as $key => $one) {
            $isByHand = $one->home !== null && ! $one->isProposed && isset($this->homes[$one->home]);
            if ($isByHand) {
                $there[$one->home][$key] = true;
            } else {
                $open[$key] = $one->goingTo(null);
            }
        }
        $ways = array_map($this->ways(...), $open);
        // What has the fewest places chooses first.
        uksort($open, static fn (string|int $one, string|int $other): int => [count($ways[$one]), $one] <=> [count($ways[$other]), $other]);
        $all = [...array_diff_key($this->keepsakes, $open), ...$open];
        foreach (array_keys($open) as $key) {
            $tried = [];
            $this->house($key, $ways, $all, $there, $tried);
        }
        $proposed = [];
        foreach ($this->keepsakes as $key => $one) {
            if (! isset($open[$key])) {
                $proposed[$key] = $one;

                continue;
            }
            $proposed[$key] = $open[$key];
            foreach ($there as $home => $held) {
                if (isset($held[$key])) {
                    $proposed[$key] = $open[$key]->goingTo((string) $home, true);
                }
            }
        }

        return $proposed;
    }

    /** @return list<string> homes that would take it alone, the best first */
    private function ways(Keepsake $one): array
    {
        $costs = [];
        foreach ($this->homes as $key => $home) {
            $fitting = $home->takes($one);
            if ($fitting !== null) {
                $costs[$key] = $fitting->cost() + ($home->isTaken ? 2 : 0) + match ($home->kind) {
                    HomeKind::Mount => 0,
                    HomeKind::Pouch => $one->kind === KeepsakeKind::Print ? 2 : 0,
                    HomeKind::Page => $one->kind === KeepsakeKind::Print ? 1 : 3,
                };
            }
        }
        asort($costs);

        return array_map(strval(...), array_keys($costs));
    }

    /**
     * Along a chain of moves: what lies in the way goes elsewhere if it can.
     *
     * @param array<string, list<string>> $ways
     * @param array<string, Keepsake> $all
     * @param array<string, array<string, true>> $there keys of what is in each home
     * @param array<string, true> $tried homes
     */
    private function house(string $key, array $ways, array $all, array &$there, array &$tried): bool
    {
        foreach ($ways[$key] as $home) {
            if (! isset($tried[$home]) && $this->hasRoom($home, $key, $all, $there)) {
                $there[$home][$key] = true;

                return true;
            }
        }
        foreach ($ways[$key] as $home) {
            if (isset($tried[$home])) {
                continue;
            }
            $tried[$home] = true;
            foreach (array_keys(array_intersect_key($there[$home] ?? [], $ways)) as $other) {
                unset($there[$home][$other]);
                if ($this->hasRoom($home, $key, $all, $there) && $this->house((string) $other, $ways, $all, $there, $tried)) {
                    $there[$home][$key] = true;

                    return true;
                }
                $there[$home][$other] = true;
            }
        }

        return false;
    }

    /**
     * @param array<string, Keepsake> $all
     * @param array<string, array<string, true>> $there
     */
    private function hasRoom(string $home, string $key, array $all, array $there): bool
    {
        $held = array_values(array_intersect_key($all, $there[$home] ?? []));
        if ($this->homes[$home]->takes($all[$key], ...$held) === null) {
            return false;
        }
        foreach ($all[$key]->isThick() ? $there : [] as $other => $those) {
            if ($this->areFacing($this->homes[$home], $this->homes[$other]) && $this->isThick(array_intersect_key($all, $those))) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array<string, list<Keepsake>> $there
     * @return list<string>
     */
    private function notes(Keepsake $one, ?Home $home, ?Fitting $fitting, array $there): array
    {
        if ($one->home === null) {
            return [];
        }
        if ($home === null) {
            return ['The place it was meant for is not there any more, or something else lies on it.'];
        }
        $notes = [];
        if ($fitting === null) {
            $notes[] = sprintf(
                '%s does not go in: %s.',
                $this->notation->size($one->size),
                ($there[$home->key] ?? []) !== [] && $home->kind === HomeKind::Page ? 'there is no room left beside the others'
                    : "{$home->name} takes {$this->notation->size($home->room)}",
            );
        }
        if ($fitting?->onItsSide === true) {
            $notes[] = $one->lies() ? 'It goes in on end: lying, it would not fit.' : 'It goes in on its side: standing, it would not fit.';
        }
        if ($home->kind !== HomeKind::Page && ($there[$home->key] ?? []) !== []) {
            $notes[] = 'Something else goes there already.';
        }
        foreach ($one->isThick() ? $there : [] as $other => $those) {
            if ($this->areFacing($home, $this->homes[$other]) && $this->isThick($those)) {
                $notes[] = 'Two thick pockets face each other: the book will not close flat.';
            }
        }

        return $notes;
    }

    /** @param array<Keepsake> $keepsakes */
    private function isThick(array $keepsakes): bool
    {
        return array_filter($keepsakes, static fn (Keepsake $one): bool => $one->isThick()) !== [];
    }

    private function areFacing(Home $one, Home $other): bool
    {
        return $this->blueprint->find(Opening::class, $one->page)?->right === $other->page
            || $this->blueprint->find(Opening::class, $other->page)?->right === $one->page;
    }
}
