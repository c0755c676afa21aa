<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Fit\StockPlan;

/** One print of a book: what is cut from it and what there is. */
final readonly class PrintUse
{
    /**
     * @param int $openings in which it is seen
     * @param int $missing pieces that find no room on the sheets there are
     */
    public function __construct(public StockPlan $stock, public int $openings, public int $missing)
    {
    }

    public function name(): string
    {
        return $this->stock->stock->name;
    }

    /** Sheets that are begun. */
    public function sheets(): int
    {
        return $this->stock->cuts->sheets();
    }

    public function runsOut(): bool
    {
        return $this->missing > 0;
    }

    /** `Meteor trail: two sheets, three openings want it`. */
    public function sentence(): string
    {
        $there = $this->stock->stock->available;
        $sheets = $there === null ? 'as many sheets as it takes' : self::count($there, 'sheet');

        return sprintf(
            '%s: %s, %s it%s.',
            $this->name(),
            $sheets,
            $this->openings === 1 ? 'one opening wants' : self::count($this->openings, 'opening').' want',
            $this->missing === 0 ? '' : sprintf('; %s no room', $this->missing === 1 ? 'one piece finds' : "{$this->missing} pieces find"),
        );
    }

    private static function count(int $count, string $what): string
    {
        $words = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

        return ($words[$count] ?? (string) $count).' '.$what.($count === 1 ? '' : 's');
    }
}
