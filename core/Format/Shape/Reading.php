<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

use Ephemeron\Format\Complaints;
use Ephemeron\Measure\Unit;
use Ephemeron\Refused;

/** Where in a file one is, what bare numbers mean there, and who takes down what is wrong. */
final readonly class Reading
{
    public function __construct(public Unit $unit, public Complaints $complaints, public string $place = '')
    {
    }

    public function at(string|int $key): self
    {
        $shown = mb_substr(mb_scrub((string) $key), 0, 200);

        return new self($this->unit, $this->complaints, ltrim("{$this->place}.{$shown}", '.'));
    }

    public function complain(string $sentence, ?Refused $value = null): void
    {
        $this->complaints->add($this->place, $sentence, $value);
    }

    /**
     * An object of the file, or an empty one and a complaint.
     *
     * @return array<array-key, mixed>
     */
    public function object(mixed $given, string $sentence = 'This must be an object, { … }.'): array
    {
        if (is_array($given) && ($given === [] || ! array_is_list($given))) {
            return $given;
        }
        $this->complain($sentence);

        return [];
    }
}
