<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/**
 * What the maker has said about the things on the faces of a book: one's own, changes to usual ones, usual ones taken off. What nothing is
 * said about follows from the structure and its parameters.
 */
final readonly class Things
{
    /** @param array<string, SaidThing> $said by key */
    public function __construct(public array $said = [])
    {
    }

    /**
     * What must be said to have these and no others.
     *
     * @param list<Placed> $usual with their keys
     * @param list<Placed> $wanted with their keys
     */
    public static function between(array $usual, array $wanted): self
    {
        $byKey = [];
        foreach ($wanted as $placed) {
            $byKey[$placed->key] = $placed;
        }
        $said = [];
        foreach ($usual as $placed) {
            $other = $byKey[$placed->key] ?? null;
            $isThere = $other !== null && $other->kind === $placed->kind && $other->on === $placed->on;
            $said[$placed->key] = $isThere ? SaidThing::difference($placed, $other) : new SaidThing(off: true);
            if ($other !== null && $said[$placed->key]?->off !== true) {
                unset($byKey[$placed->key]);
            }
        }

        return new self([...array_filter($said), ...array_map(SaidThing::whole(...), $byKey)]);
    }

    /**
     * All there is: usual things as far as they were not taken off, with what was said about them, then the maker's own. One's own thing
     * stands in the place of a usual one with the same key; what was said about a usual thing that is not there at these measures sleeps.
     *
     * @param list<Placed> $usual with their keys
     * @return list<Placed>
     */
    public function furnish(array $usual): array
    {
        $things = [];
        foreach ($usual as $placed) {
            $said = $this->said[$placed->key] ?? null;
            if ($said === null) {
                $things[] = $placed;
            } elseif (! $said->off && ! $said->isOwn()) {
                $things[] = $said->appliedTo($placed);
            }
        }
        foreach ($this->said as $key => $said) {
            if ($said->isOwn() && ! $said->off) {
                $things[] = $said->placed((string) $key);
            }
        }

        return $things;
    }

    /**
     * Without what was said and is usual anyway: it follows again.
     *
     * @param list<Placed> $usual with their keys
     * @param list<string>|null $keys only those; null: all
     */
    public function beside(array $usual, ?array $keys = null): self
    {
        $said = $this->said;
        foreach ($usual as $placed) {
            if (isset($said[$placed->key]) && ($keys === null || in_array($placed->key, $keys, true))) {
                $said[$placed->key] = $said[$placed->key]->beside($placed);
            }
        }

        return new self(array_filter($said, static fn (SaidThing $thing): bool => ! $thing->saysNothing()));
    }

    /**
     * What was said about things that are not there at these measures.
     *
     * @param list<Placed> $usual with their keys
     * @return list<string> their keys
     */
    public function asleep(array $usual): array
    {
        $there = array_column($usual, 'key');
        $asleep = array_filter(
            $this->said,
            static fn (SaidThing $said, string $key): bool => ! $said->isOwn() && ! $said->off && ! in_array($key, $there, true),
            ARRAY_FILTER_USE_BOTH,
        );

        return array_map(strval(...), array_keys($asleep));
    }

    /**
     * A key that nothing has or had.
     *
     * @param list<Placed> $there
     */
    public function freeKey(string $on, string $kind, array $there): string
    {
        $taken = [...array_keys($this->said), ...array_column($there, 'key')];
        for ($number = 1; in_array($key = Placed::keyFor($on, $kind, $number), $taken, true); $number++);

        return $key;
    }
}
