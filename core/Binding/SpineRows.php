<?php

declare(strict_types=1);

namespace Ephemeron\Binding;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;

/** The rows of holes in a spine, one for each signature, side by side and as far apart as the signatures are thick. */
final readonly class SpineRows
{
    /** @param list<Length> $rows from the left edge of the spine, seen from outside */
    private function __construct(public Size $spine, public array $rows, public Length $apart)
    {
    }

    /**
     * In the middle of the spine.
     *
     * @param Length $thick one sewn signature
     */
    public static function of(Size $spine, int $signatures, Length $thick): self
    {
        $first = $spine->width->minus($thick->times($signatures - 1))->half();
        $rows = array_map(static fn (int $number): Length => $first->plus($thick->times($number)), range(0, max(0, $signatures - 1)));

        return new self($spine, $rows, $thick);
    }

    /** What must stand between two rows, and beside the outer ones, not to tear: 1⁄16 in or 1.5 mm (this tool's own). */
    public static function least(Unit $unit): Length
    {
        return $unit === Unit::Inch ? Length::inches(0, 1, 16) : Length::micrometres(1500);
    }

    public function holds(Unit $unit): bool
    {
        $least = self::least($unit);

        return $this->rows[0]->isAtLeast($least) && (count($this->rows) === 1 || $this->apart->isAtLeast($least));
    }
}
