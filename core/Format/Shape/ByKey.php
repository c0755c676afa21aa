<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Measure\Notation;

/**
 * An object whose keys the maker or the structure chooses: faces, roles, things.
 *
 * @template Owner of object
 */
final readonly class ByKey implements Shape
{
    /**
     * @param Record<Owner> $each
     * @param Owner|null $blank what a key begins with that is not there yet; null: no key can be added
     * @param int $most how many keys there may be
     */
    public function __construct(private Record $each, private ?object $blank, private int $most = 500, private string $pattern = '.{1,200}')
    {
    }

    /**
     * @param array<string, Owner> $now
     * @return array<string, Owner>
     */
    public function read(mixed $given, Reading $reading, mixed $now): array
    {
        $given = $reading->object($given);
        if (count($given) > $this->most) {
            $reading->complain("There are at most {$this->most} of them.");

            return $now;
        }
        if ($this->blank === null) {
            $reading->complaints->unknownKeys($reading->place, $given, array_map(strval(...), array_keys($now)));
        }
        foreach ($given as $key => $one) {
            $start = $now[$key] ?? $this->blank;
            if (preg_match("~^{$this->pattern}\$~Du", (string) $key) !== 1) {
                $reading->at($key)->complain('It cannot be named like this.');
            } elseif ($start !== null && ($one !== null || $this->blank !== null)) {
                $now[(string) $key] = $this->each->read($one, $reading->at($key), $start);
            }
        }

        return $now;
    }

    /**
     * @param array<string, Owner> $value
     * @param array<string, Owner>|null $usual
     * @return array<string, mixed>
     */
    public function write(mixed $value, Notation $notation, mixed $usual): array
    {
        $written = [];
        foreach (array_keys($value + ($usual ?? [])) as $key) {
            $one = $value[$key] ?? $this->blank;
            $other = $usual === null ? null : $usual[$key] ?? $this->blank;
            if ($one !== null && Difference::isBetween($one, $other)) {
                $written[$key] = $this->each->write($one, $notation, $other);
            }
        }

        return $written;
    }

    public function schema(): array
    {
        return ['type' => 'object', 'additionalProperties' => $this->each->schema()];
    }
}
