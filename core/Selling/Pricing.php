<?php

declare(strict_types=1);

namespace Ephemeron\Selling;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Ephemeron\Paper\Price;

/** How a price is made of what books cost: so many per cent more, or so many times; rounded up as the maker likes. Common practice. */
final readonly class Pricing
{
    /**
     * @param bool $isFactor whether the cost is multiplied, else so many per cent are put on it
     * @param BigRational $margin the factor, or the per cent
     * @param int $step mills it is rounded up to, 1 or more
     */
    public function __construct(public bool $isFactor, public BigRational $margin, public int $step = 500)
    {
    }

    /** @param BigRational $cost mills of one book */
    public function of(BigRational $cost): Price
    {
        $wanted = $this->isFactor ? $cost->multipliedBy($this->margin)
            : $cost->multipliedBy(BigRational::nd(100, 1)->plus($this->margin))->dividedBy(100);
        $steps = $wanted->dividedBy(max(1, $this->step))->toScale(0, RoundingMode::CEILING)->toBigInteger();

        return new Price($steps->multipliedBy(max(1, $this->step))->toInt());
    }

    /**
     * How many must be sold to come out even.
     *
     * @param BigRational $costs mills of all
     * @return int|null null where nothing is asked for them
     */
    public static function even(BigRational $costs, Price $price): ?int
    {
        return $price->mills === 0 ? null : $costs->dividedBy($price->mills)->toScale(0, RoundingMode::CEILING)->toBigInteger()->toInt();
    }
}
