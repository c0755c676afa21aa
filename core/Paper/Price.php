<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

/** What a sheet or a supply costs, in hundredths of whatever the maker pays with. */
final readonly class Price
{
    private const MOST = 9_999_999;

    /** @param int $cents 0 or more */
    public function __construct(public int $cents)
    {
    }

    /**
     * @param string $text `0.85`, `0,85`, `12`
     *
     * @throws UnusablePaper
     */
    public static function parse(string $text): self
    {
        $price = str_replace(',', '.', trim($text));
        if (preg_match('/^(\d{1,5})(?:\.(\d{1,2}))?$/', $price, $found) !== 1) {
            throw UnusablePaper::price($text);
        }

        return new self(min(self::MOST, (int) $found[1] * 100 + (int) str_pad($found[2] ?? '', 2, '0')));
    }

    public function text(): string
    {
        return sprintf('%d.%02d', intdiv($this->cents, 100), $this->cents % 100);
    }
}
