<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** The order of the hands. Within a phase, tasks keep the order in which the structure names them. */
enum Phase: int
{
    case Prepare = 5;
    case Cut = 10;
    case Sort = 15;
    case Score = 20;
    case Slit = 25;
    case Fold = 30;
    case Notch = 40;
    case DryFit = 45;
    case Assemble = 50;
    case Closure = 60;
    case Mat = 70;
    case Pocket = 80;
    case Fill = 90;
    case Finish = 95;

    /** Whether a batch of books does it book by book; what comes before is done to the pieces of all of them together. */
    public function isForEachCopy(): bool
    {
        return $this->value >= self::DryFit->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::Prepare => 'Prepare',
            self::Cut => 'Cut',
            self::Sort => 'Sort',
            self::Score => 'Score',
            self::Slit => 'Slit',
            self::Fold => 'Fold',
            self::Notch => 'Notch',
            self::DryFit => 'Dry fit',
            self::Assemble => 'Assemble',
            self::Closure => 'Closure',
            self::Mat => 'Mat',
            self::Pocket => 'Pockets',
            self::Fill => 'Fill',
            self::Finish => 'Finish',
        };
    }
}
