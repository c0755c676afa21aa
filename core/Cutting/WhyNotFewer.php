<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** Says in words why fewer sheets are impossible, or what is known and what is not. */
final readonly class WhyNotFewer
{
    /**
     * @param list<Demand> $demands
     * @param non-empty-list<Supply> $supplies as they were given to the planner
     */
    public function __construct(private CutPlan $plan, private array $demands, private array $supplies)
    {
    }

    public function text(): string
    {
        $bound = $this->plan->lowerBound;
        if ($this->plan->missing !== []) {
            return 'Not every piece finds room on what there is, so the sheets cannot be fewer for all of them.';
        }
        if ($this->plan->sheets() === 0) {
            return 'All comes out of what was left over: no new sheet is begun.';
        }
        if (! $this->plan->isProved()) {
            return sprintf(
                '%s Whether %d would do is not known: none of the plans that were tried does, and nothing proves that none can.',
                $this->least($bound),
                $this->plan->sheets() - 1,
            );
        }

        return $this->least($bound).' The plan needs no more, so no other can be better.';
    }

    private function least(int $bound): string
    {
        $sheet = $this->supplies[0]->sheet->area();
        $area = array_sum(array_map(static fn (Demand $demand): int => $demand->size->area() * $demand->quantity, $this->demands));
        $kept = array_sum(
            array_map(
                static fn (Supply $supply): int => $supply->isLeftover ? $supply->sheet->area() * ($supply->available ?? 0) : 0,
                $this->supplies,
            ),
        );
        $share = max(0, $area - $kept) / $sheet;
        $sheets = number_format(ceil($share * 100) / 100, 2).($share <= 1 ? ' of a sheet' : ' sheets');
        if (ceil($share - 1e-9) >= $bound) {
            return sprintf(
                'Laid without a gap the pieces would cover %s%s: fewer than %d cannot hold them.',
                $sheets,
                $kept > 0 ? ' beyond what is left over' : '',
                $bound,
            );
        }
        $large = $this->cannotShare();
        if ($large >= $bound && $kept === 0) {
            return sprintf(
                '%d of the pieces are so large that no two of them come out of one sheet: that makes %d sheets.',
                $large,
                $bound,
            );
        }
        if ($this->plan->isProved() && $this->isPinned()) {
            return sprintf('The pieces are pinned to %d different sheets, or would take that many without pins.', $bound);
        }

        return sprintf(
            'By area %s would hold the pieces, but they do not lie side by side without a rest, and no rest may be too narrow to '
                .'come off. Weighing every way a sheet can be cut (a linear programme over cutting patterns) shows that %d is the least.',
            $sheets,
            $bound,
        );
    }

    /** Pieces that are more than half as wide and more than half as tall as the sheet, however they lie. */
    private function cannotShare(): int
    {
        $sheet = $this->supplies[0]->sheet;
        $count = 0;
        foreach ($this->demands as $demand) {
            foreach ($demand->turnable ? [$demand->size, $demand->size->turned()] : [$demand->size] as $size) {
                if ($size->fitsIn($sheet)
                    && ($size->width->times(2)->ticks <= $sheet->width->ticks || $size->height->times(2)->ticks <= $sheet->height->ticks)) {
                    continue 2;
                }
            }
            $count += $demand->quantity;
        }

        return $count;
    }

    private function isPinned(): bool
    {
        return array_filter($this->demands, static fn (Demand $demand): bool => $demand->pins !== []) !== [];
    }
}
