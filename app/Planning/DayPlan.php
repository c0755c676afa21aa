<?php

declare(strict_types=1);

namespace App\Planning;

use App\View\Duration;
use Ephemeron\Bench\Drying;
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
        return self::ofAll([[$plan, $books]]);
    }

    /**
     * @param non-empty-list<array{WorkPlan, int}> $plans and how many books of each
     * @return list<string> what to do in which evening
     */
    public static function ofAll(array $plans): array
    {
        [$first, $eachTakes, $long, $books] = [0, [], [], 0];
        foreach ($plans as [$plan, $count]) {
            $each = 0;
            $books += $count;
            foreach ($plan->steps as $step) {
                [$seconds] = StepClock::left([$step]);
                if (in_array($step->phase, self::TOGETHER, true)) {
                    $first += (int) round($seconds * (1 + self::FURTHER * ($count - 1)));
                } else {
                    $each += $seconds;
                }
                if (Drying::minutes($step) >= self::LONG) {
                    $long[lcfirst($step->title)] = true;
                }
            }
            array_push($eachTakes, ...array_fill(0, $count, $each));
        }
        $evenings = max(1, (int) ceil($first / self::EVENING));
        $said = [sprintf(
            '%s: cut, score and fold for all %d, %s in all. Every fence setting once.',
            $evenings === 1 ? 'First evening' : "First {$evenings} evenings",
            $books,
            Duration::text($first),
        )];
        [$shortest, $longest] = [min([PHP_INT_MAX, ...$eachTakes]), max([0, ...$eachTakes])];
        $day = max(1, intdiv(self::EVENING, max(1, intdiv(array_sum($eachTakes), $books))));
        $said[] = sprintf(
            'Then about %s an evening, %s each%s.',
            $day === 1 ? 'one book' : "{$day} books",
            $shortest === $longest ? Duration::text($longest) : Duration::text($shortest).' to '.Duration::text($longest),
            $shortest > self::EVENING ? ': each takes more than one' : '',
        );
        if ($long !== []) {
            $said[] = sprintf(
                'Under a weight over night: %s. Begin an evening with what was pressed the evening before.',
                implode(', ', array_keys($long)),
            );
        }
        $said[] = sprintf('%d evenings in all, of three hours.', $evenings + self::evenings($eachTakes));

        return $said;
    }

    /**
     * One after the other, none begun that does not come to its end the same evening unless it takes more than one.
     *
     * @param list<int> $takes seconds of each book
     */
    private static function evenings(array $takes): int
    {
        [$evenings, $left] = [0, 0];
        foreach ($takes as $seconds) {
            if ($seconds > self::EVENING) {
                $evenings += (int) ceil($seconds / self::EVENING);
                $left = 0;
            } elseif ($seconds > $left) {
                $evenings++;
                $left = self::EVENING - $seconds;
            } else {
                $left -= $seconds;
            }
        }

        return $evenings;
    }
}
