<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Unit;

/** From how much on what is too large is folded and not cut, and how far short of the template. */
final readonly class MeetingSchool
{
    /**
     * @param Length $foldFrom so much too large, and it is folded; less is trimmed
     * @param Length $hair a fold stays so much below the template's height
     * @param Length $touch and so much inside its width
     * @param Length $strip breadth of the strip under a leaf that does not reach the fold
     */
    public function __construct(public Length $foldFrom, public Length $hair, public Length $touch, public Length $strip)
    {
    }

    public function foldingFrom(Length $spare): self
    {
        return new self($spare, $this->hair, $this->touch, $this->strip);
    }

    /** Folded when 1 in or more is spare (common practice, no published source). */
    public static function usual(Unit $unit): self
    {
        return $unit === Unit::Inch
            ? new self(Length::inches(1), Length::inches(0, 1, 16), Length::inches(0, 1, 8), Length::inches(1))
            : new self(Length::millimetres(25), Length::millimetres(1), Length::millimetres(2), Length::millimetres(25));
    }
}
