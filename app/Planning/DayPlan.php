<?php

declare(strict_types=1);

namespace App\Planning;

use App\View\Duration;
use Ephemeron\Bench\Drying;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Phase;
use Ephemeron\WorkPlan;

/**
 * Many books in evenings: cut, scored and folded for all of them together, then put together one by one; what dries decides how many a day
 * (common practice, no published source).
 */
final readonly class DayPlan
{
    /** Hours at the table in an evening (assumed). */
    private const EVENING = 3 * 3600;

    /** What is done for all books together. */
    private const TOGETHER = [Phase::Prepare, Phase::Cut, Phase::Sort, Phase::Score, Phase::Slit, Phase::Fold, Phase::Notch];

    /** Done for all of them one setting serves: only so much of the time of the first is wanted for each further one (assumed). */
    private const FURTHER = 0.5;

    /** Minutes from which something is left to dry over night. */
    private const LONG = 60;

    /** @return list<string> what to do in which evening */
    public static function of(WorkPlan $plan, int $books): array
    {
        [$first, $each, $long] = [0, 0, []];
        foreach ($plan->steps as $step) {
            [$seconds] = StepClock::left([$step]);
            if (in_array($step->phase, self::TOGETHER, true)) {
                $first += (int) round($seconds * (1 + self::FURTHER * ($books - 1)));
            } else {
                $each += $seconds;
            }
            if (Drying::minutes($step) >= self::LONG) {
                $long[] = $step;
            }
        }
        $evenings = max(1, (int) ceil($first / self::EVENING));
        $day = max(1, intdiv(self::EVENING, max(1, $each)));
        $said = [sprintf(
            '%s: cut, score and fold for all %d, %s in all. Every fence setting once.',
            $evenings === 1 ? 'First evening' : "First {$evenings} evenings",
            $books,
            Duration::text($first),
        )];
        $said[] = sprintf(
            'Then about %s an evening, %s each%s.',
            $day === 1 ? 'one book' : "{$day} books",
            Duration::text($each),
            $each > self::EVENING ? ': each takes more than one' : '',
        );
        if ($long !== []) {
            $said[] = sprintf(
                'Under a weight over night: %s. Begin an evening with what was pressed the evening before.',
                implode(', ', array_map(static fn (Step $step): string => lcfirst($step->title), $long)),
            );
        }
        $rest = $each > self::EVENING ? $books * (int) ceil($each / self::EVENING) : (int) ceil($books / $day);
        $said[] = sprintf('%d evenings in all, of three hours.', $evenings + $rest);

        return $said;
    }
}
