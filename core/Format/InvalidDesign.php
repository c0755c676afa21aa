<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Refusal;
use Ephemeron\Refused;

/** A design that cannot be read, with a sentence for every place that is wrong. */
final class InvalidDesign extends \InvalidArgumentException implements Refusal
{
    /**
     * @param non-empty-array<string, string> $errors sentence by place, `parameters.leaf-width`; an empty place is the whole file
     * @param array<string, Refused> $values what was refused there, where it is one value
     */
    private function __construct(public readonly array $errors, public readonly array $values = [])
    {
        $sentences = [];
        foreach ($errors as $place => $sentence) {
            $sentences[] = $place === '' ? $sentence : "{$place}: {$sentence}";
        }
        parent::__construct(implode("\n", $sentences));
    }

    /** What was refused first. */
    public function refused(): Refused
    {
        return $this->values[array_key_first($this->errors)] ?? new Refused;
    }

    /**
     * @param non-empty-array<string, string> $errors
     * @param array<string, Refused> $values
     */
    public static function at(array $errors, array $values = []): self
    {
        return new self($errors, $values);
    }

    public static function whole(string $sentence): self
    {
        return new self(['' => $sentence]);
    }
}
