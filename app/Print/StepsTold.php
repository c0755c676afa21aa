<?php

declare(strict_types=1);

namespace App\Print;

use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\WorkPlan;

/** Steps one after another that are said with the same words: the words once, and the picture of the first. */
final readonly class StepsTold
{
    /**
     * @param non-empty-list<Step> $steps
     * @param list<string> $sentences of each of them
     */
    private function __construct(public array $steps, public array $sentences)
    {
    }

    /** @return list<self> all steps, in their order */
    public static function of(WorkPlan $plan): array
    {
        $told = [];
        foreach ($plan->steps as $step) {
            $next = new self([$step], [...($step->text === '' ? [] : [$step->text]), ...$plan->linesOf($step)]);
            $last = end($told);
            if ($last !== false && $last->saysAlso($next)) {
                array_pop($told);
                $next = new self([...$last->steps, $step], $last->sentences);
            }
            $told[] = $next;
        }

        return $told;
    }

    /** What is glued is shown for each: where it comes to lie is in its picture. */
    private function saysAlso(self $next): bool
    {
        [$last, $step] = [$this->steps[0], $next->steps[0]];
        $glues = array_filter($step->acts, static fn (Act $act): bool => $act instanceof Glue) !== [];

        return ! $glues && [$next->sentences, $step->caution, $step->phase] === [$this->sentences, $last->caution, $last->phase];
    }
}
