<?php

declare(strict_types=1);

namespace Ephemeron\Selling;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Ephemeron\Paper\Price;
use Ephemeron\Paper\UnusablePaper;

/** What a maker is paid in, and how many digits it has behind the point: ISO 4217:2015, table A.1, from memory; all others have two. */
final readonly class Currency
{
    private const NONE = ['BIF', 'CLP', 'DJF', 'GNF', 'ISK', 'JPY', 'KMF', 'KRW', 'PYG', 'RWF', 'UGX', 'VND', 'VUV', 'XAF', 'XOF', 'XPF'];

    private const THREE = ['BHD', 'IQD', 'JOD', 'KWD', 'LYD', 'OMR', 'TND'];

    /** @param string $code three capital letters */
    public function __construct(public string $code)
    {
    }

    public function digits(): int
    {
        return match (true) {
            in_array($this->code, self::NONE, true) => 0,
            in_array($this->code, self::THREE, true) => 3,
            default => 2,
        };
    }

    /**
     * @param string $text `0.85`, with no more digits than this currency has
     *
     * @throws UnusablePaper
     */
    public function read(string $text): Price
    {
        return Price::parse($text, $this->digits());
    }

    public function text(Price $price): string
    {
        return $price->text($this->digits());
    }

    /** @param BigRational $mills thousandths, exact; halves go up */
    public function money(BigRational $mills): string
    {
        return (string) $mills->dividedBy(1000)->toScale($this->digits(), RoundingMode::HALF_UP);
    }
}
