<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Unit;

/**
 * The small measures that everything else is made of, in the school of the project. Common practice, no published source;
 * the metric ones are the nearest that keep whole millimetres over both sides of a piece.
 */
final readonly class Allowances
{
    public function __construct(private Unit $unit)
    {
    }

    /** 1⁄16 in or 1.5 mm: the least that two edges stay apart. */
    public function hairline(): Length
    {
        return $this->either(Length::inches(0, 1, 16), Length::micrometres(1500));
    }

    /** ⅛ in or 3 mm: free edges of a flap inside its face. */
    public function fine(): Length
    {
        return $this->either(Length::inches(0, 1, 8), Length::millimetres(3));
    }

    /** 3⁄16 in or 5 mm: the tight clearance beside a waterfall. */
    public function snug(): Length
    {
        return $this->either(Length::inches(0, 3, 16), Length::millimetres(5));
    }

    /** ¼ in or 6 mm: play of an insert, overlap of a splice. */
    public function quarter(): Length
    {
        return $this->either(Length::inches(0, 1, 4), Length::millimetres(6));
    }

    /** ¾ in or 2 cm: how far a scrap that is a pocket laps over the one above it. */
    public function lap(): Length
    {
        return $this->either(Length::inches(0, 3, 4), Length::millimetres(20));
    }

    /** ½ in or 1 cm: a glue tab. */
    public function tab(): Length
    {
        return $this->either(Length::inches(0, 1, 2), Length::millimetres(10));
    }

    /** 1 in or 25 mm: the usual thumb notch. */
    public function notch(): Length
    {
        return $this->either(Length::inches(1), Length::millimetres(25));
    }

    public function either(Length $inch, Length $metric): Length
    {
        return $this->unit === Unit::Inch ? $inch : $metric;
    }

    /** Beyond this breadth one pair of magnets leaves the ends of a flap lifted: 6 in, in the metric school 12½ cm (common practice). */
    public function wideFlap(): Length
    {
        return $this->either(Length::inches(6), Length::millimetres(125));
    }

    /** How many pairs of magnets hold a flap of this breadth. */
    public function magnetPairs(Length $across): int
    {
        return $across->isMoreThan($this->wideFlap()) ? 2 : 1;
    }
}
