<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Measure\Unit;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/** A usual paper for every role, so that anything can be put on any book; a structure names those it wants otherwise. */
final readonly class UsualPapers
{
    /** @param array<string, Stock> $papers by role */
    private function __construct(private array $papers)
    {
    }

    public static function of(Unit $unit): self
    {
        $square = self::square($unit);

        return new self([
            StockRole::StructureCard->value => Stock::card('Kraft dusk', $square, 220),
            StockRole::SecondCard->value => Stock::card('Blue hour', $square, 220),
            StockRole::Board->value => Stock::card('Greyboard', $square, 1000),
            StockRole::Specialty->value => Stock::card('Clear vellum', $square, 100),
            StockRole::BookSheet->value => Stock::pattern('Night chart', $square, 180),
            StockRole::MatBase->value => Stock::card('Dew point', $square, 160),
            StockRole::MatTop->value => Stock::pattern('First quarter', $square, 160),
            StockRole::MatOther->value => Stock::pattern('Meteor trail', $square, 160),
            StockRole::CoverPaper->value => Stock::pattern('Night chart', $square, 160),
            StockRole::PocketPaper->value => Stock::pattern('Field lines', $square, 160),
            StockRole::InsertCard->value => Stock::card('Chalk', $square, 200),
            StockRole::Leaf->value => Stock::card('Log paper', $unit === Unit::Inch ? SheetFormat::Letter : SheetFormat::A4, 90),
        ]);
    }

    /** The square sheet that most of it is sold in. */
    public static function square(Unit $unit): SheetFormat
    {
        return $unit === Unit::Inch ? SheetFormat::TwelveSquare : SheetFormat::ThirtySquare;
    }

    public function with(StockRole $role, Stock $stock): self
    {
        return new self([...$this->papers, $role->value => $stock]);
    }

    /** @return array<string, Stock> */
    public function byRole(): array
    {
        return $this->papers;
    }
}
