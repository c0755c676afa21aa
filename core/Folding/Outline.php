<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Geometry\Isometry;

/** A panel as it lies on the table, in ticks; panels are taken for convex. */
final readonly class Outline
{
    /**
     * @param non-empty-list<array{float, float}> $corners
     * @param array{float, float, float, float} $box left, top, right, bottom
     */
    private function __construct(public array $corners, public array $box, private bool $isUpright)
    {
    }

    /** @param non-empty-list<array{int, int}> $sheet its corners on the sheet */
    public static function of(array $sheet, Isometry $place): self
    {
        $corners = [];
        $xs = [];
        $ys = [];
        foreach ($sheet as [$x, $y]) {
            [$px, $py] = $place->apply($x, $y);
            $corners[] = [$px, $py];
            $xs[] = $px;
            $ys[] = $py;
        }

        return new self(
            $corners,
            [min($xs), min($ys), max($xs), max($ys)],
            count($corners) === 4 && count(array_unique($xs)) === 2 && count(array_unique($ys)) === 2,
        );
    }

    /** Whether they lie on each other by more than a touch. */
    public function overlaps(self $other, float $touching): bool
    {
        if ($this->box[2] <= $other->box[0] + $touching || $other->box[2] <= $this->box[0] + $touching
            || $this->box[3] <= $other->box[1] + $touching || $other->box[3] <= $this->box[1] + $touching) {
            return false;
        }

        return ($this->isUpright && $other->isUpright) || (! $this->isParted($other, $touching) && ! $other->isParted($this, $touching));
    }

    /** Whether a line along one of its sides parts it from the other. */
    private function isParted(self $other, float $touching): bool
    {
        foreach ($this->corners as $index => [$ax, $ay]) {
            [$bx, $by] = $this->corners[($index + 1) % count($this->corners)] ?? [$ax, $ay];
            $length = hypot($bx - $ax, $by - $ay);
            if ($length < 1.0) {
                continue;
            }
            [$nx, $ny] = [($by - $ay) / $length, ($ax - $bx) / $length];
            $across = static fn (array $point): float => $nx * $point[0] + $ny * $point[1];
            $own = array_map($across, $this->corners);
            $others = array_map($across, $other->corners);
            if (max($own) <= min($others) + $touching || max($others) <= min($own) + $touching) {
                return true;
            }
        }

        return false;
    }
}
