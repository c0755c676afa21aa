<?php

declare(strict_types=1);

namespace Ephemeron\Selling;

use Brick\Math\BigRational;

/** One part of what books cost, and how it comes about. */
final readonly class CostLine
{
    /**
     * @param BigRational $mills exact: what is used of a sheet is a fraction
     * @param string $why `7 sheets at 0.80`
     */
    public function __construct(public string $what, public BigRational $mills, public string $why)
    {
    }
}
