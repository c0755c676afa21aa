<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

/** What a paper can stand in for: a pattern is too thin for a spine, and card shows no print. */
enum PaperKind: string
{
    case Pattern = 'pattern';
    case Card = 'card';
    case Board = 'board';
    case Specialty = 'specialty';

    public static function suiting(StockRole $role): self
    {
        return match ($role) {
            StockRole::StructureCard, StockRole::SecondCard, StockRole::InsertCard => self::Card,
            StockRole::Board => self::Board,
            StockRole::Specialty => self::Specialty,
            StockRole::BookSheet, StockRole::MatBase, StockRole::MatTop, StockRole::MatOther, StockRole::CoverPaper,
            StockRole::PocketPaper, StockRole::Leaf => self::Pattern,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Pattern => 'patterned paper',
            self::Card => 'card',
            self::Board => 'board',
            self::Specialty => 'vellum, acetate and the like',
        };
    }
}
