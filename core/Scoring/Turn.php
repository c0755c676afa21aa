<?php

declare(strict_types=1);

namespace Ephemeron\Scoring;

/** What is done with the piece before the next scores: always in the plane, side up unchanged. */
enum Turn: string
{
    case None = 'none';
    case Quarter = 'quarter';
    case EndForEnd = 'end-for-end';

    public function sentence(): string
    {
        return match ($this) {
            self::None => '',
            self::Quarter => 'Turn it a quarter, so that its top edge is on the left.',
            self::EndForEnd => 'Turn it end for end on the table, same side up.',
        };
    }
}
