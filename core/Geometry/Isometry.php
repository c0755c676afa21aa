<?php

declare(strict_types=1);

namespace Ephemeron\Geometry;

/**
 * A rigid movement of flat paper in space, exact: whole numbers over one denominator. x to the right, y down, z towards the viewer.
 *
 * Turning by a half about any line of the sheet whose slope is a fraction of small numbers, and by a quarter about a line square to its
 * edges, stays exact; for those the denominator is 1 (edges, diagonals) or small.
 */
final readonly class Isometry
{
    private const LARGEST = 1 << 40;

    /**
     * @param list<int> $matrix nine numbers, row by row, times the denominator
     * @param list<int> $shift three, ticks times the denominator
     */
    private function __construct(private array $matrix, private array $shift, private int $denominator)
    {
    }

    public static function identity(): self
    {
        return new self([1, 0, 0, 0, 1, 0, 0, 0, 1], [0, 0, 0], 1);
    }

    public static function shift(int $x, int $y, int $z = 0): self
    {
        return new self([1, 0, 0, 0, 1, 0, 0, 0, 1], [$x, $y, $z], 1);
    }

    /**
     * A turn about a line of the sheet, right-handed about its direction.
     *
     * @param int $quarters of a full turn; odd ones only about lines square to the edges of the sheet
     *
     * @throws NotExact when the turn has no exact form
     */
    public static function about(Segment $line, int $quarters): self
    {
        $quarters = (($quarters % 4) + 4) % 4;
        $dx = $line->to->x->ticks - $line->from->x->ticks;
        $dy = $line->to->y->ticks - $line->from->y->ticks;
        $common = self::gcd($dx, $dy);
        if ($common === 0) {
            throw NotExact::noLine();
        }
        [$p, $q] = [intdiv($dx, $common), intdiv($dy, $common)];
        $n = $p * $p + $q * $q;
        if ($quarters % 2 === 1 && $p !== 0 && $q !== 0) {
            throw NotExact::slantedQuarter();
        }
        $sine = [0, 1, 0, -1][$quarters];
        $cosine = [1, 0, -1, 0][$quarters];
        // Rodrigues' formula with the unit direction (p, q, 0) / √n; the sine only occurs where √n is 1.
        $matrix = [
            $cosine * $n + (1 - $cosine) * $p * $p, (1 - $cosine) * $p * $q, $sine * $q,
            (1 - $cosine) * $p * $q, $cosine * $n + (1 - $cosine) * $q * $q, -$sine * $p,
            -$sine * $q, $sine * $p, $cosine * $n,
        ];
        $turn = self::reduced($matrix, [0, 0, 0], $n);

        return self::shift($line->from->x->ticks, $line->from->y->ticks)->after($turn)
            ->after(self::shift(-$line->from->x->ticks, -$line->from->y->ticks));
    }

    /**
     * First the other movement, then this one.
     *
     * @throws NotExact when the numbers grow beyond what a machine counts
     */
    public function after(self $first): self
    {
        $matrix = [];
        for ($row = 0; $row < 3; $row++) {
            for ($column = 0; $column < 3; $column++) {
                $matrix[] = $this->matrix[3 * $row] * $first->matrix[$column]
                    + $this->matrix[3 * $row + 1] * $first->matrix[3 + $column]
                    + $this->matrix[3 * $row + 2] * $first->matrix[6 + $column];
            }
        }
        [$x, $y, $z] = $first->shift;
        $shift = [];
        for ($row = 0; $row < 3; $row++) {
            $shift[] = $this->matrix[3 * $row] * $x
                + $this->matrix[3 * $row + 1] * $y
                + $this->matrix[3 * $row + 2] * $z
                + $this->shift[$row] * $first->denominator;
        }

        return self::reduced($matrix, $shift, $this->denominator * $first->denominator);
    }

    /** The movement that takes it back. */
    public function inverse(): self
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->matrix;
        $n = $this->denominator;
        // Rows and columns change places; the shift is taken back first.
        [$x, $y, $z] = $this->shift;
        $back = new self([$a, $d, $g, $b, $e, $h, $c, $f, $i], [0, 0, 0], $n);

        return self::reduced(
            array_map(static fn (int $number): int => $number * $n, $back->matrix),
            [-($a * $x + $d * $y + $g * $z), -($b * $x + $e * $y + $h * $z), -($c * $x + $f * $y + $i * $z)],
            $n * $n,
        );
    }

    /** @return array{float, float, float} where a point of the sheet comes to lie, in ticks */
    public function apply(int $x, int $y): array
    {
        [$px, $py, $pz] = $this->exactly($x, $y);

        return [(float) $px / $this->denominator, (float) $py / $this->denominator, (float) $pz / $this->denominator];
    }

    /** @return array{int, int, int} the same, times {@see self::denominator()} */
    public function exactly(int $x, int $y): array
    {
        return [
            $this->matrix[0] * $x + $this->matrix[1] * $y + $this->shift[0],
            $this->matrix[3] * $x + $this->matrix[4] * $y + $this->shift[1],
            $this->matrix[6] * $x + $this->matrix[7] * $y + $this->shift[2],
        ];
    }

    public function denominator(): int
    {
        return $this->denominator;
    }

    /** Whether side A, which faced the viewer on the flat sheet, faces away now. */
    public function isTurnedOver(): bool
    {
        return $this->matrix[8] < 0;
    }

    /** Whether the paper lies flat on the table, either side up. */
    public function isFlat(): bool
    {
        return abs($this->matrix[8]) === $this->denominator;
    }

    /** @return array{float, float, float} where a direction of the sheet points now */
    public function direction(int $dx, int $dy): array
    {
        return [
            ($this->matrix[0] * $dx + $this->matrix[1] * $dy) / $this->denominator,
            ($this->matrix[3] * $dx + $this->matrix[4] * $dy) / $this->denominator,
            ($this->matrix[6] * $dx + $this->matrix[7] * $dy) / $this->denominator,
        ];
    }

    public function equals(self $other): bool
    {
        return $this->matrix === $other->matrix && $this->shift === $other->shift && $this->denominator === $other->denominator;
    }

    /**
     * @param list<int|float> $matrix floats where whole numbers have run over
     * @param list<int|float> $shift
     */
    private static function reduced(array $matrix, array $shift, int|float $denominator): self
    {
        if (! is_int($denominator)) {
            throw NotExact::tooLarge();
        }
        $common = $denominator;
        $whole = [];
        foreach ([...$matrix, ...$shift] as $number) {
            if (! is_int($number) || abs($number) > self::LARGEST * 4096) {
                throw NotExact::tooLarge();
            }
            $common = $common === 1 ? 1 : self::gcd($common, $number);
            $whole[] = $number;
        }
        if ($denominator > 1 && $common > 1) {
            $whole = array_map(static fn (int $number): int => intdiv($number, $common), $whole);
            $denominator = intdiv($denominator, $common);
        }
        if ($denominator > self::LARGEST) {
            throw NotExact::tooLarge();
        }

        return new self(array_slice($whole, 0, 9), array_slice($whole, 9), $denominator);
    }

    private static function gcd(int $a, int $b): int
    {
        [$a, $b] = [abs($a), abs($b)];
        while ($b !== 0) {
            [$a, $b] = [$b, $a % $b];
        }

        return $a;
    }
}
