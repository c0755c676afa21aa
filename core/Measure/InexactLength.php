<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

use Ephemeron\Refusal;
use Ephemeron\Refused;

final class InexactLength extends \DomainException implements Refusal
{
    private function __construct(string $sentence, private readonly Refused $refused = new Refused)
    {
        parent::__construct($sentence);
    }

    public function refused(): Refused
    {
        return $this->refused;
    }

    public static function fraction(int $numerator, int $denominator): self
    {
        return new self(
            "{$numerator}/{$denominator} in is not a whole number of ticks; 1/64 in and 0.1 mm are.",
            new Refused("{$numerator}/{$denominator} in"),
        );
    }
}
