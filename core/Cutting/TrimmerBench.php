<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Size;

/**
 * Cuts a plan on simulated sheets, knowing only what a person at the trimmer knows: the pieces that lie there and
 * the fence setting. It proves that exactly the pieces that were asked for come out.
 */
final readonly class TrimmerBench
{
    public function __construct(private Trimmer $trimmer)
    {
    }

    /**
     * @param list<Demand> $demands
     * @return array<string, int> how many of each came out, by demand key
     *
     * @throws PlanDoesNotCut when a step cannot be done or the pieces are not those that were asked for
     */
    public function replay(CutPlan $plan, array $demands): array
    {
        $byKey = [];
        foreach ($demands as $demand) {
            $byKey[$demand->key] = $demand;
        }
        $blanks = array_fill_keys(array_keys($byKey), 0);
        foreach ($plan->patterns as $pattern) {
            $this->replayPattern($pattern, $byKey, $blanks);
        }
        foreach ($byKey as $key => $demand) {
            $expected = $demand->quantity - ($plan->missing[$key] ?? 0);
            if ($blanks[$key] !== $expected) {
                throw PlanDoesNotCut::wrongCount((string) $key, $blanks[$key], $expected);
            }
        }

        return $blanks;
    }

    /** @return list<CutStep> the steps for which the fence has no mark; they can be done, with a ruler */
    public function betweenMarks(CutPlan $plan): array
    {
        return array_values(
            array_filter($this->steps($plan->patterns), fn (CutStep $step): bool => ! $this->trimmer->setting($step)->isAtMark()),
        );
    }

    /** @return list<CutStep> the steps for which the blade is too short; they can be done, with knife and ruler */
    public function longerThanTheBlade(CutPlan $plan): array
    {
        // No cut is longer than the sheet it is made on, so most sheets need no second look.
        $large = array_filter($plan->patterns, fn (SheetPattern $pattern): bool => $this->bought($pattern->supply)->longSide()
            ->isMoreThan($this->trimmer->longestCut));

        return array_values(array_filter($this->steps($large), $this->trimmer->isTooLong(...)));
    }

    /**
     * @param array<SheetPattern> $patterns
     * @return list<CutStep>
     */
    private function steps(array $patterns): array
    {
        return array_merge([], ...array_map(static fn (SheetPattern $pattern): array => $pattern->steps(), array_values($patterns)));
    }

    /** The sheet with its selvage, as it lies there before the first cut. */
    private function bought(Supply $supply): Size
    {
        return new Size($supply->sheet->width, $supply->sheet->height->plus($supply->selvage));
    }

    /**
     * @param array<string, Demand> $demands
     * @param array<string, int> $blanks
     */
    private function replayPattern(SheetPattern $pattern, array $demands, array &$blanks): void
    {
        /** @var array<string, int> $table pieces in hand by size */
        $table = [$this->name($this->bought($pattern->supply)) => $pattern->count];
        foreach ($pattern->steps() as $step) {
            $this->take($table, $step->piece, $step->together, $step->number);
            foreach ($this->cutAt($step) as $size) {
                $table[$this->name($size)] = ($table[$this->name($size)] ?? 0) + $step->together;
            }
        }
        $pieces = [];
        foreach ($pattern->blanks() as $blank) {
            foreach ($pattern->isCut ? [] : $blank->demands as $key) {
                $demand = $demands[$key] ?? throw PlanDoesNotCut::unknownPiece($key);
                if ($blank->turned && ! $demand->turnable) {
                    throw PlanDoesNotCut::wrongWayRound($demand->key);
                }
                if (! ($blank->turned ? $demand->size->turned() : $demand->size)->equals($blank->area()->size())) {
                    throw PlanDoesNotCut::pieceNotThere(0, $demand->size);
                }
            }
            $this->take($table, $blank->area()->size(), $pattern->count, 0);
            $pieces[$blank->label()] = ($pieces[$blank->label()] ?? 0) + $pattern->count;
        }
        foreach ($pattern->gives as $key => $count) {
            $blanks[$key] = ($blanks[$key] ?? throw PlanDoesNotCut::unknownPiece((string) $key)) + $count;
        }
        $this->checkHandedOut($pattern, $pieces);
    }

    /**
     * Every piece is given to a demand that it may serve, and only once: pieces of any label find enough demands, and all come to the same
     * number.
     *
     * @param array<string, int> $pieces by the label of their blanks
     */
    private function checkHandedOut(SheetPattern $pattern, array $pieces): void
    {
        if ($pattern->isCut) {
            // Of what was cut before something may not be wanted any more.
            array_sum($pattern->gives) <= array_sum($pieces)
                || throw PlanDoesNotCut::wrongCount('any', array_sum($pattern->gives), array_sum($pieces));

            return;
        }
        foreach ($pattern->blanks() as $blank) {
            $given = array_sum(array_intersect_key($pattern->gives, array_flip($blank->demands)));
            if ($given < $pieces[$blank->label()]) {
                throw PlanDoesNotCut::wrongCount($blank->label(), $given, $pieces[$blank->label()]);
            }
        }
        if (array_sum($pattern->gives) !== array_sum($pieces)) {
            throw PlanDoesNotCut::wrongCount('any', array_sum($pattern->gives), array_sum($pieces));
        }
    }

    /** @return array{Size, Size} */
    private function cutAt(CutStep $step): array
    {
        $whole = $step->piece->along($step->along);
        $rest = $whole->minus($step->fence);
        foreach ([$step->fence, $rest] as $part) {
            if ($part->isLessThan($this->trimmer->narrowestStrip)) {
                throw PlanDoesNotCut::sliver($step->number, $part);
            }
        }

        return $step->along === Axis::Width
            ? [new Size($step->fence, $step->piece->height), new Size($rest, $step->piece->height)]
            : [new Size($step->piece->width, $step->fence), new Size($step->piece->width, $rest)];
    }

    /** @param array<string, int> $table */
    private function take(array &$table, Size $size, int $count, int $step): void
    {
        $name = $this->name($size);
        if (($table[$name] ?? 0) < $count) {
            throw PlanDoesNotCut::pieceNotThere($step, $size);
        }
        $table[$name] -= $count;
    }

    private function name(Size $size): string
    {
        return "{$size->width->ticks}x{$size->height->ticks}";
    }
}
