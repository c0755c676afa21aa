<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

use Ephemeron\Refusal;

final class InexactLength extends \DomainException implements Refusal
{
    public static function fraction(int $numerator, int $denominator): self
    {
        return new self("{$numerator}/{$denominator} in is not a whole number of ticks; 1/64 in and 0.1 mm are.");
    }
}
