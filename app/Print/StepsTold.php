<?php

declare(strict_types=1);

namespace App\Print;

use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Part;
use Ephemeron\WorkPlan;

/**
 * Steps one after another that are said with the same words, of pieces that look alike: the words once, and the picture of the first. Where
 * each next piece is glued on as the one before it was, words name the pieces and stand with each; the picture of the first does for all.
 */
final readonly class StepsTold
{
    /**
     * @param non-empty-list<Step> $steps
     * @param list<string> $sentences of each of them
     * @param Part|null $shown the piece that is folded in the first of them
     * @param list<string|null> $glued {@see Joint::likeness} of all that the first of them does; null is something else
     * @param Step|null $last of the steps after these that look as these do
     * @param bool $isShown whether no picture before it does for it
     */
    private function __construct(
        public array $steps,
        public array $sentences,
        private ?Part $shown,
        private array $glued,
        public ?Step $last = null,
        public bool $isShown = true,
    ) {
    }

    /** @return list<self> all steps, in their order */
    public static function of(WorkPlan $plan): array
    {
        $told = [];
        $first = 0;
        foreach ($plan->steps as $step) {
            $next = self::alone($plan, $step);
            $index = count($told);
            if ($index > 0 && $told[$index - 1]->saysAlso($next)) {
                $told[$index - 1] = $told[$index - 1]->with(steps: [...$told[$index - 1]->steps, $step]);
            } elseif ($index > 0 && $told[$first]->gluesAlso($next)) {
                $told[$first] = $told[$first]->with(last: $step);
                $told[] = $next->with(isShown: false);
            } else {
                $told[] = $next;
                $first = $index;
            }
        }

        return array_values($told);
    }

    private static function alone(WorkPlan $plan, Step $step): self
    {
        $folded = $step->folds();

        return new self(
            [$step],
            [...($step->text === '' ? [] : [$step->text]), ...$plan->linesOf($step)],
            $folded === null ? null : $plan->blueprint->part($folded),
            array_map(static fn (Act $act): ?string => $act instanceof Glue ? $act->joint->likeness() : null, $step->acts),
        );
    }

    /** @param non-empty-list<Step>|null $steps */
    private function with(?array $steps = null, ?Step $last = null, ?bool $isShown = null): self
    {
        return new self(
            $steps ?? $this->steps,
            $this->sentences,
            $this->shown,
            $this->glued,
            $last ?? $this->last,
            $isShown ?? $this->isShown,
        );
    }

    private function saysAlso(self $next): bool
    {
        return [$next->sentences, $next->steps[0]->caution] === [$this->sentences, $this->steps[0]->caution] && $this->foldsAlso($next);
    }

    /** A gusset may be wider, but a strip does not stand for a page. */
    private function foldsAlso(self $next): bool
    {
        if ($this->shown === null || $next->shown === null) {
            return $this->shown === $next->shown;
        }
        [$one, $other] = [$this->shown->size, $next->shown->size];

        return $one->width->equals($other->width) || $one->height->equals($other->height);
    }

    private function gluesAlso(self $next): bool
    {
        return $this->glued === $next->glued && $this->glued !== [] && ! in_array(null, $this->glued, true);
    }
}
