<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Refusal;
use Ephemeron\Refused;

/** Collects what is wrong while a file is read, so that a maker hears everything at once. */
final class Complaints
{
    /** @var array<string, string> */
    private array $errors = [];

    /** @var array<string, Refused> */
    private array $values = [];

    public function add(string $place, string $sentence, ?Refused $value = null): void
    {
        if (! isset($this->errors[$place]) && $value !== null) {
            $this->values[$place] = $value;
        }
        $this->errors[$place] ??= $sentence;
    }

    /**
     * @template T
     *
     * @param callable(): T $read
     * @param T $otherwise
     * @return T
     */
    public function reading(string $place, callable $read, mixed $otherwise): mixed
    {
        try {
            return $read();
        } catch (Refusal $refusal) {
            $this->add($place, $refusal->getMessage(), $refusal->refused());

            return $otherwise;
        }
    }

    /**
     * @param array<array-key, mixed> $given
     * @param list<string> $known
     */
    public function unknownKeys(string $place, array $given, array $known): void
    {
        foreach (array_keys($given) as $key) {
            if (! in_array((string) $key, $known, true)) {
                $shown = mb_substr(mb_scrub((string) $key), 0, 40);
                $this->add(
                    ltrim("{$place}.{$shown}", '.'),
                    sprintf('“%s” means nothing here; known are %s.', $shown, implode(', ', $known)),
                );
            }
        }
    }

    /** @return array<string, string> sentences by place */
    public function all(): array
    {
        return $this->errors;
    }

    /** @throws InvalidDesign */
    public function throwAny(): void
    {
        if ($this->errors !== []) {
            throw InvalidDesign::at($this->errors, $this->values);
        }
    }
}
