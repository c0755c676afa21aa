<?php

declare(strict_types=1);

namespace Ephemeron\Format;

/** An object of a file that this program wrote itself: what is there is of the right kind, or the file is broken. */
final readonly class Entry
{
    /** @var array<array-key, mixed> */
    private array $data;

    /** @throws \UnexpectedValueException */
    public function __construct(mixed $data)
    {
        $this->data = is_array($data) ? $data : throw new \UnexpectedValueException('This is no object.');
    }

    /** @throws \UnexpectedValueException */
    public function text(string $key): string
    {
        return $this->textOr($key, null) ?? throw new \UnexpectedValueException("“{$key}” is missing.");
    }

    public function textOr(string $key, ?string $otherwise): ?string
    {
        $value = $this->data[$key] ?? null;

        return is_string($value) ? $value : $otherwise;
    }

    /** @throws \UnexpectedValueException */
    public function whole(string $key): int
    {
        return $this->wholeOr($key, null) ?? throw new \UnexpectedValueException("“{$key}” is missing.");
    }

    public function wholeOr(string $key, ?int $otherwise): ?int
    {
        $value = $this->data[$key] ?? null;

        return is_int($value) ? $value : $otherwise;
    }

    public function flag(string $key): bool
    {
        return ($this->data[$key] ?? false) === true;
    }

    /** @throws \UnexpectedValueException */
    public function entry(string $key): self
    {
        return new self($this->data[$key] ?? null);
    }

    /** @return list<self> */
    public function entries(string $key): array
    {
        $value = $this->data[$key] ?? [];

        return is_array($value) ? array_values(array_map(static fn (mixed $one): self => new self($one), $value)) : [];
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $value = $this->data[$key] ?? [];

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    /** @return array<string, int> */
    public function counts(string $key): array
    {
        $value = $this->data[$key] ?? [];
        $counts = [];
        foreach (is_array($value) ? array_filter($value, is_int(...)) : [] as $name => $count) {
            $counts[(string) $name] = $count;
        }

        return $counts;
    }
}
