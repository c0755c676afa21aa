<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

/** A change to the design that would mend a finding, to be applied with one press. */
final readonly class Mend
{
    /**
     * @param string $label what the button says
     * @param array<string, string|int|bool|null> $changes by place in the design file, `parameters.step`; null takes the place out
     */
    public function __construct(public string $label, public array $changes)
    {
    }
}
