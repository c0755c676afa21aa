<?php

declare(strict_types=1);

namespace App\Print;

use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Part;
use Ephemeron\WorkPlan;

/** Steps one after another that are said with the same words, of pieces that look alike: the words once, and the picture of the first. */
final readonly class StepsTold
{
    /**
     * @param non-empty-list<Step> $steps
     * @param list<string> $sentences of each of them
     * @param Part|null $shown the piece that is folded in the first of them
     */
    private function __construct(public array $steps, public array $sentences, private ?Part $shown)
    {
    }

    /** @return list<self> all steps, in their order */
    public static function of(WorkPlan $plan): array
    {
        $told = [];
        foreach ($plan->steps as $step) {
            $folded = $step->folds();
            $next = new self(
                [$step],
                [...($step->text === '' ? [] : [$step->text]), ...$plan->linesOf($step)],
                $folded === null ? null : $plan->blueprint->part($folded),
            );
            $last = end($told);
            if ($last !== false && $last->saysAlso($next)) {
                array_pop($told);
                $next = new self([...$last->steps, $step], $last->sentences, $last->shown);
            }
            $told[] = $next;
        }

        return $told;
    }

    private function saysAlso(self $next): bool
    {
        return [$next->sentences, $next->steps[0]->caution] === [$this->sentences, $this->steps[0]->caution] && $this->showsAlso($next);
    }

    /** A side in common: a gusset may be wider, but a strip does not stand for a page. */
    private function showsAlso(self $next): bool
    {
        if ($this->shown === null || $next->shown === null) {
            return $this->shown === $next->shown;
        }
        [$one, $other] = [$this->shown->size, $next->shown->size];

        return $one->width->equals($other->width) || $one->height->equals($other->height);
    }
}
