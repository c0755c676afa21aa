<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Size;

/** Fills single sheets; see {@see PackingSearch::begin()}. */
final readonly class SheetFilling
{
    /** How a piece is preferred below the first one: by area, by how well it spans a side, by its long side. */
    private const RULES = [0, 1, 2];

    /** How a rectangle is divided below the first piece: always in columns, always in rows, or so that the larger remainder stays whole. */
    private const DIVISIONS = ['columns', 'rows', 'larger'];

    /** @var list<array{int, int, int, bool}> kind, width, height, turned */
    private array $placements;

    /** @var array<int, list<array{int, int, int, bool}>> by rule: the preferred ones first, where that does not hang on what is filled */
    private array $ranked;

    private int $narrowest;

    /** The shortest side of any piece: nothing goes into what is narrower. */
    private int $shortest;

    /**
     * @param list<Kind> $kinds
     * @param int $looks at a piece that the whole task may take
     */
    public function __construct(private array $kinds, Trimmer $trimmer, private Effort $effort, private int $looks)
    {
        $this->narrowest = $trimmer->narrowestStrip->ticks;
        $placements = [];
        foreach ($kinds as $index => $kind) {
            $size = $kind->size;
            $placements[] = [$index, $size->width->ticks, $size->height->ticks, false];
            if ($kind->turnable && ! $size->width->equals($size->height)) {
                $placements[] = [$index, $size->height->ticks, $size->width->ticks, true];
            }
        }
        $this->placements = $placements;
        $this->shortest = min([PHP_INT_MAX, ...array_column($placements, 1), ...array_column($placements, 2)]);
        $this->ranked = [0 => $this->ranked(self::area(...)), 2 => $this->ranked(self::longSide(...))];
    }

    /** @param array<int, int> $left how many of each kind are still wanted */
    public function fill(Size $sheet, array $left): Filling
    {
        $width = $sheet->width->ticks;
        $height = $sheet->height->ticks;
        $best = Filling::offcut($width, $height);
        $wanted = array_values(array_filter($this->placements, static fn (array $placement): bool => $left[$placement[0]] > 0));
        [$first, $rules, $divisions] = $this->affordable($wanted, $width * $height, $left);
        foreach ($first as $placement) {
            if (! $this->goes($placement, $width, $height, $left)) {
                continue;
            }
            if ($best->pieces !== [] && $this->effort->isSpent()) {
                break;
            }
            foreach ($rules as $rule) {
                foreach ($divisions as $division) {
                    foreach ($division === 'larger' ? [true, false] : [$division === 'columns'] as $widthFirst) {
                        $filling = $this->divide($width, $height, $placement, $widthFirst, $left, $rule, $division);
                        $best = $filling->beats($best) ? $filling : $best;
                    }
                }
            }
        }

        return $best;
    }

    /**
     * All that may be tried for a sheet, or so much of it that the whole task is done within so many looks at a piece: counted and not
     * timed, so that the same task is always cut the same.
     *
     * @param list<array{int, int, int, bool}> $wanted placements of pieces that are still wanted
     * @param array<int, int> $left
     * @return array{list<array{int, int, int, bool}>, list<int>, list<string>} what goes into the corner, rules, divisions
     */
    private function affordable(array $wanted, int $sheet, array $left): array
    {
        // With one kind of piece that is not turned there is nothing to prefer.
        $rules = count($wanted) > 1 ? self::RULES : [0];
        $areas = array_map(static fn (array $placement): int => $placement[1] * $placement[2], $wanted);
        if ($areas === []) {
            return [[], [], []];
        }
        $all = 0;
        foreach ($this->kinds as $index => $kind) {
            $all += $left[$index] * $kind->size->area();
        }
        $looks = count($wanted) * max(1, min(array_sum($left), intdiv($sheet, min($areas))));
        $fillings = max(1, intdiv($this->looks, $looks * max(1, intdiv($all, $sheet))));
        if (count($wanted) * count($rules) * (count(self::DIVISIONS) + 1) <= $fillings) {
            return [$wanted, $rules, self::DIVISIONS];
        }
        array_multisort($areas, SORT_DESC, $wanted);

        return [array_slice($wanted, 0, max(1, intdiv($fillings, 2))), [0], ['larger']];
    }

    /** As a slab, in units of so many ticks. */
    public function slab(Filling $filling, int $unit): Slab
    {
        $slab = new Slab(intdiv($filling->width, $unit), intdiv($filling->height, $unit));
        $this->divideSlab($slab, $filling, $unit);

        return $slab;
    }

    private function divideSlab(Slab $slab, Filling $filling, int $unit): void
    {
        if ($filling->demand === null || $filling->beside === null || $filling->below === null) {
            return;
        }
        $rests = $slab->place(
            $filling->demand,
            intdiv($filling->pieceWidth, $unit),
            intdiv($filling->pieceHeight, $unit),
            $filling->turned,
            $filling->widthFirst,
        );
        $fillings = array_values(array_filter(
            $filling->widthFirst ? [$filling->beside, $filling->below] : [$filling->below, $filling->beside],
            static fn (Filling $rest): bool => $rest->width > 0 && $rest->height > 0,
        ));
        foreach ($rests as $index => $rest) {
            if (isset($fillings[$index])) {
                $this->divideSlab($rest, $fillings[$index], $unit);
            }
        }
    }

    /** @param array<int, int> $left */
    private function fillRest(int $width, int $height, array $left, int $rule, string $division): Filling
    {
        // Counted as if each had been looked at.
        $this->effort->spend((isset($this->ranked[$rule]) ? 2 : 3) * count($this->placements));
        if ($width < $this->shortest || $height < $this->shortest) {
            return Filling::offcut($width, $height);
        }
        $chosen = isset($this->ranked[$rule])
            ? $this->firstThatGoes($this->ranked[$rule], $width, $height, $left)
            : $this->spanningMost($width, $height, $left);
        if ($chosen === null) {
            return Filling::offcut($width, $height);
        }
        $widthFirst = match ($division) {
            'columns' => true,
            'rows' => false,
            default => ($width - $chosen[1]) * $height >= $width * ($height - $chosen[2]),
        };

        return $this->divide($width, $height, $chosen, $widthFirst, $left, $rule, $division);
    }

    /**
     * @param list<array{int, int, int, bool}> $ranked
     * @param array<int, int> $left
     * @return array{int, int, int, bool}|null
     */
    private function firstThatGoes(array $ranked, int $width, int $height, array $left): ?array
    {
        foreach ($ranked as $placement) {
            if ($this->goes($placement, $width, $height, $left)) {
                return $placement;
            }
        }

        return null;
    }

    /**
     * @param array<int, int> $left
     * @return array{int, int, int, bool}|null
     */
    private function spanningMost(int $width, int $height, array $left): ?array
    {
        $chosen = null;
        $most = -1.0;
        foreach ($this->placements as $placement) {
            if ($this->goes($placement, $width, $height, $left)) {
                $spans = max($placement[1] / $width, $placement[2] / $height);
                if ($spans > $most) {
                    $most = $spans;
                    $chosen = $placement;
                }
            }
        }

        return $chosen;
    }

    /**
     * @param array{int, int, int, bool} $placement
     * @param array<int, int> $left
     */
    private function divide(int $width, int $height, array $placement, bool $widthFirst, array $left, int $rule, string $division): Filling
    {
        [$demand, $pieceWidth, $pieceHeight] = $placement;
        $left[$demand]--;
        $beside = [$width - $pieceWidth, $widthFirst ? $height : $pieceHeight];
        $below = [$widthFirst ? $pieceWidth : $width, $height - $pieceHeight];

        // Rows and columns are finished before the next one is begun, so that what is left over stays in one piece.
        $besideFirst = match ($division) {
            'rows' => true,
            'columns' => false,
            default => $beside[0] * $beside[1] >= $below[0] * $below[1],
        };
        [$next, $last] = $besideFirst ? [$beside, $below] : [$below, $beside];
        $one = $this->fillRest($next[0], $next[1], $left, $rule, $division);
        foreach ($one->pieces as $index => $count) {
            $left[$index] -= $count;
        }
        $other = $this->fillRest($last[0], $last[1], $left, $rule, $division);

        return $besideFirst
            ? Filling::of($width, $height, $placement, $widthFirst, $one, $other)
            : Filling::of($width, $height, $placement, $widthFirst, $other, $one);
    }

    /**
     * Still wanted, not larger than the rectangle, and leaving no strip too narrow to cut off.
     *
     * @param array{int, int, int, bool} $placement
     * @param array<int, int> $left
     */
    private function goes(array $placement, int $width, int $height, array $left): bool
    {
        [$kind, $itsWidth, $itsHeight] = $placement;

        return $itsWidth <= $width && $itsHeight <= $height && $left[$kind] > 0
            && ($itsWidth === $width || $width - $itsWidth >= $this->narrowest)
            && ($itsHeight === $height || $height - $itsHeight >= $this->narrowest);
    }

    /**
     * @param \Closure(array{int, int, int, bool}): int $rank
     * @return list<array{int, int, int, bool}>
     */
    private function ranked(\Closure $rank): array
    {
        $placements = $this->placements;
        usort($placements, static fn (array $one, array $other): int => $rank($other) <=> $rank($one));

        return $placements;
    }

    /** @param array{int, int, int, bool} $placement */
    private static function area(array $placement): int
    {
        return $placement[1] * $placement[2];
    }

    /** @param array{int, int, int, bool} $placement */
    private static function longSide(array $placement): int
    {
        return max($placement[1], $placement[2]);
    }
}
