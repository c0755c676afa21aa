<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

/** What a paper is used for in a design; the maker gives each role a paper. */
enum StockRole: string
{
    case StructureCard = 'structure-card';
    case SecondCard = 'second-card';
    case Board = 'board';
    case Specialty = 'specialty';
    case BookSheet = 'book-sheet';
    case MatBase = 'mat-base';
    case MatTop = 'mat-top';
    case MatOther = 'mat-other';
    case CoverPaper = 'cover-paper';
    case PocketPaper = 'pocket-paper';
    case InsertCard = 'insert-card';
    case Leaf = 'leaf';

    /** Whether a print is chosen for it; card that carries the book, board, and sheets of a journal have papers of their own. */
    public function takesAPrint(): bool
    {
        return ! in_array($this, [self::StructureCard, self::SecondCard, self::Board, self::Specialty, self::Leaf], true);
    }

    public function label(): string
    {
        return match ($this) {
            self::StructureCard => 'Structure card',
            self::SecondCard => 'Structure card, second colour',
            self::Board => 'Board for covers and spines',
            self::Specialty => 'Vellum, acetate and the like',
            self::BookSheet => 'Sheet the book is made of',
            self::MatBase => 'First mats',
            self::MatTop => 'Second mats',
            self::MatOther => 'Mats of every other page',
            self::CoverPaper => 'Cover paper',
            self::PocketPaper => 'Pockets',
            self::InsertCard => 'Inserts and photo mats',
            self::Leaf => 'Leaves of a journal',
        };
    }
}
