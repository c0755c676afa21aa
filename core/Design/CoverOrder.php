<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** Whether the covers of a book, with what is taped under their mats, are finished after its inside or before. */
enum CoverOrder: string
{
    case Last = 'covers-last';
    case First = 'covers-first';

    public function label(): string
    {
        return match ($this) {
            self::Last => 'The inside first, the covers last',
            self::First => 'The covers first',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::Last => 'The ends of a ribbon under the cover mats are not in the way.',
            self::First => 'The book is tied shut between two evenings; mind the ribbon while the inside is glued.',
        };
    }
}
