<?php

declare(strict_types=1);

namespace App\Print;

use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\SheetFormat;

/** What lies in the printer. */
enum PrintPaper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    public static function usualFor(Unit $unit): self
    {
        return $unit === Unit::Inch ? self::Letter : self::A4;
    }

    public function label(): string
    {
        return $this === self::A4 ? 'A4' : 'Letter';
    }

    public function size(): Size
    {
        return $this === self::A4 ? SheetFormat::A4->size() : SheetFormat::Letter->size();
    }
}
