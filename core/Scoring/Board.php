<?php

declare(strict_types=1);

namespace Ephemeron\Scoring;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;

/** A scoring board: grooves at a fixed spacing from the left fence. */
final readonly class Board
{
    public function __construct(public ToolGrid $grooves, public Length $length)
    {
    }

    public static function usual(ToolGrid $grooves): self
    {
        return new self($grooves, $grooves->unit() === Unit::Inch ? Length::inches(12) : Length::millimetres(300));
    }
}
