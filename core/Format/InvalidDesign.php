<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Refusal;

/** A design that cannot be read, with a sentence for every place that is wrong. */
final class InvalidDesign extends \InvalidArgumentException implements Refusal
{
    /** @param non-empty-array<string, string> $errors sentence by place, `parameters.leaf-width`; an empty place is the whole file */
    private function __construct(public readonly array $errors)
    {
        $sentences = [];
        foreach ($errors as $place => $sentence) {
            $sentences[] = $place === '' ? $sentence : "{$place}: {$sentence}";
        }
        parent::__construct(implode("\n", $sentences));
    }

    /** @param non-empty-array<string, string> $errors */
    public static function at(array $errors): self
    {
        return new self($errors);
    }

    public static function whole(string $sentence): self
    {
        return new self(['' => $sentence]);
    }
}
