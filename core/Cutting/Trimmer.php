<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\ToolGrid;

/** What the trimmer can do (common practice, no published source: a 12¼ in bed, nothing under ⅛ in comes off cleanly). */
final readonly class Trimmer
{
    public function __construct(public Length $longestCut, public Length $narrowestStrip, public ToolGrid $fence)
    {
    }

    public static function usual(ToolGrid $fence): self
    {
        return new self(Length::inches(12, 1, 4), Length::inches(0, 1, 8), $fence);
    }
}
