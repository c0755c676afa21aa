<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

/** The marks of a scale: what a trimmer's fence can be set to, a ruler read to, a scoring board pressed into. */
enum ToolGrid: string
{
    case Eighth = '1/8 in';
    case Sixteenth = '1/16 in';
    case ThirtySecond = '1/32 in';
    case HalfCentimetre = '5 mm';
    case Millimetre = '1 mm';
    case HalfMillimetre = '0.5 mm';

    public static function usualFor(Unit $unit): self
    {
        return match ($unit) {
            Unit::Inch => self::Sixteenth,
            Unit::Centimetre => self::Millimetre,
        };
    }

    /** Scoring boards have a groove every ⅛ in, metric ones every millimetre (common practice, no published source). */
    public static function usualGroovesFor(Unit $unit): self
    {
        return match ($unit) {
            Unit::Inch => self::Eighth,
            Unit::Centimetre => self::Millimetre,
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::Eighth, self::Sixteenth, self::ThirtySecond => Unit::Inch,
            self::HalfCentimetre, self::Millimetre, self::HalfMillimetre => Unit::Centimetre,
        };
    }

    public function step(): Length
    {
        return match ($this) {
            self::Eighth => Length::inches(0, 1, 8),
            self::Sixteenth => Length::inches(0, 1, 16),
            self::ThirtySecond => Length::inches(0, 1, 32),
            self::HalfCentimetre => Length::millimetres(5),
            self::Millimetre => Length::millimetres(1),
            self::HalfMillimetre => Length::ofTicks(intdiv(Length::TICKS_PER_MILLIMETRE, 2)),
        };
    }

    public function carries(Length $length): bool
    {
        return $length->ticks % $this->step()->ticks === 0;
    }

    public function down(Length $length): Length
    {
        return $this->step()->times((int) floor($length->ticks / $this->step()->ticks));
    }

    public function up(Length $length): Length
    {
        return $this->step()->times((int) ceil($length->ticks / $this->step()->ticks));
    }

    /** The mark a length lies a hair beside, as files and sums bring it: by less than a quarter of a step; else the length itself. */
    public function mended(Length $length): Length
    {
        $mark = $this->nearest($length);
        $off = Length::longest($mark->minus($length), $length->minus($mark));

        return $off->times(4)->isLessThan($this->step()) ? $mark : $length;
    }

    /** The nearest mark; halfway goes up. */
    public function nearest(Length $length): Length
    {
        return $this->down($length->plus($this->step()->half()));
    }
}
