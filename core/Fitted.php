<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Design\Design;
use Ephemeron\Measure\Length;

/** A design made to fit, planned: what that changes, and which papers it would want that are not there. */
final readonly class Fitted
{
    /** @param list<string> $wants sentences about pieces that the papers at hand do not give; none: it can be cut as it is */
    public function __construct(public Design $before, public Design $design, public array $wants)
    {
    }

    /** @return array<string, string|int|bool> what to change, by place in the design file */
    public function changes(): array
    {
        $changes = [];
        foreach ($this->design->parameters->besides($this->before->parameters)->values as $key => $value) {
            $changes["parameters.{$key}"] = $value instanceof Length ? $this->design->notation()->exact($value) : $value;
        }

        return $changes;
    }
}
