<?php

declare(strict_types=1);

namespace App\Drawer;

/** What sheets of a pad are kept for before its pages are laid out (common practice, no published source). */
enum SetAside: string
{
    case Cover = 'cover';
    case CutApart = 'cut-apart';
    case FussyCut = 'fussy-cut';
    case Reserve = 'reserve';

    public function label(): string
    {
        return match ($this) {
            self::Cover => 'for the cover',
            self::CutApart => 'to cut apart',
            self::FussyCut => 'to fussy-cut',
            self::Reserve => 'in reserve',
        };
    }

    /** Whether such sheets are not there for the faces of a book. */
    public function isKeptBack(): bool
    {
        return $this !== self::Cover;
    }
}
