<?php

declare(strict_types=1);

namespace App\Print;

use Ephemeron\Bench\Step;
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

    private function saysAlso(self $next): bool
    {
        return [$next->sentences, $next->steps[0]->caution] === [$this->sentences, $this->steps[0]->caution];
    }
}
