<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** How many pieces of one size come out of one sheet, by cuts that go right across. */
final readonly class HowMany
{
    /** More than these are not counted: nobody cuts them by hand. */
    public const MOST = 400;

    public function __construct(private CutPlanner $planner, private Trimmer $trimmer)
    {
    }

    /** @return array{int, SheetPattern|null} how many, and how they are cut; none where not one comes out */
    public function of(Size $piece, Size $sheet, bool $turnable): array
    {
        $most = min(self::MOST, intdiv($sheet->area(), max(1, $piece->area())));
        if ($most === 0 || ! ($turnable ? $piece->fitsInEitherWay($sheet) : $piece->fitsIn($sheet))) {
            return [0, null];
        }
        $plan = $this->plan($piece, $sheet, $turnable, $most);
        $count = $most - array_sum($plan->missing);
        // Asked for a few it may look closer than asked for many.
        while ($count < $most && array_sum(($next = $this->plan($piece, $sheet, $turnable, $count + 1))->missing) === 0) {
            $count++;
            $plan = $next;
        }

        return [$count, $plan->patterns[0] ?? null];
    }

    private function plan(Size $piece, Size $sheet, bool $turnable, int $count): CutPlan
    {
        return $this->planner->plan(
            [new Demand('A', $piece, $count, $turnable)],
            [new Supply('Sheet', $sheet, Length::zero(), 1)],
            $this->trimmer,
        );
    }
}
