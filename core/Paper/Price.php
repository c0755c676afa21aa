<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

/**
 * What a sheet or a supply costs, in thousandths of whatever the maker pays with: as fine as any currency in use is coined (ISO 4217 knows
 * units of four digits for reckoning only).
 */
final readonly class Price
{
    /** @param int $mills thousandths, 0 or more */
    public function __construct(public int $mills)
    {
    }

    /**
     * @param string $text `0.85`, `0,85`, `12`; below a thousand million
     * @param int $digits that the currency has behind the point, 0 to 3
     *
     * @throws UnusablePaper
     */
    public static function parse(string $text, int $digits = 3): self
    {
        $price = str_replace(',', '.', trim($text));
        if (preg_match('/^(\d{1,9})(?:\.(\d{1,3}))?$/D', $price, $found) !== 1 || strlen(rtrim($found[2] ?? '', '0')) > $digits) {
            throw UnusablePaper::price($text, $digits);
        }

        return new self((int) $found[1] * 1000 + (int) str_pad($found[2] ?? '', 3, '0'));
    }

    /** @param int $digits behind the point at least; more where it has more */
    public function text(int $digits = 2): string
    {
        $behind = str_pad(rtrim(sprintf('%03d', $this->mills % 1000), '0'), $digits, '0');

        return intdiv($this->mills, 1000).($behind === '' ? '' : ".{$behind}");
    }
}
