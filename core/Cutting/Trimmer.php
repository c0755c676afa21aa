<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;

/**
 * What the trimmer can do (common practice, no published source: a bed a little longer than the common sheet, nothing under about ⅛ in
 * comes off cleanly).
 */
final readonly class Trimmer
{
    /** @param ToolGrid $fence the marks of its scale */
    public function __construct(public Length $longestCut, public Length $narrowestStrip, public ToolGrid $fence)
    {
    }

    /** Whether a strip so broad is nothing or comes off; one below zero does not. */
    public function takesOff(Length $strip): bool
    {
        return $strip->isZero() || $strip->isAtLeast($this->narrowestStrip);
    }

    /**
     * @param Length|null $longestCut null: 12¼ in, of a metric one 31 cm
     * @param Length|null $narrowestStrip null: ⅛ in, of a metric one 3 mm
     */
    public static function usual(ToolGrid $fence, ?Length $longestCut = null, ?Length $narrowestStrip = null): self
    {
        [$bed, $sliver] = $fence->unit() === Unit::Inch ? [Length::inches(12, 1, 4), Length::inches(0, 1, 8)]
            : [Length::millimetres(310), Length::millimetres(3)];

        return new self($longestCut ?? $bed, $narrowestStrip ?? $sliver, $fence);
    }

    public function setting(CutStep $step): FenceSetting
    {
        return FenceSetting::on($this->fence, $step->fence);
    }

    /** Whether the cut is longer than the blade: then it is done with knife and ruler. */
    public function isTooLong(CutStep $step): bool
    {
        return $step->length()->isMoreThan($this->longestCut);
    }

    /** How to make a cut for which the blade is too short or the fence has no mark; empty for any other. */
    public function advice(CutStep $step, Notation $notation): string
    {
        return $this->isTooLong($step)
            ? sprintf(
                'The cut is %s long, the blade %s: mark both ends and cut it with knife and metal ruler.',
                $notation->text($step->length()),
                $notation->text($this->longestCut),
            )
            : $this->setting($step)->advice($notation);
    }
}
