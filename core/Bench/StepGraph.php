<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Blueprint\Phase;

/**
 * What must come before what. Of all that could be done next, the earliest phase goes first, and within it
 * what was named first: the order is the same every time.
 */
final class StepGraph
{
    /** @var array<string, Phase> */
    private array $phases = [];

    /** @var array<string, array<string, true>> steps that must be done before, by step */
    private array $before = [];

    /** @param list<string> $after steps that do not exist are no hindrance */
    public function add(string $step, Phase $phase, array $after): void
    {
        $this->phases[$step] = $phase;
        $this->before[$step] = array_fill_keys($after, true);
    }

    /**
     * @return list<string>
     *
     * @throws StepsGoInCircles
     */
    public function inOrder(): array
    {
        $waiting = [];
        foreach ($this->before as $step => $before) {
            $waiting[$step] = array_intersect_key($before, $this->phases);
        }
        $order = [];
        while ($waiting !== []) {
            $next = $this->next($waiting);
            $order[] = $next;
            unset($waiting[$next]);
            foreach ($waiting as $step => $before) {
                unset($waiting[$step][$next]);
            }
        }

        return $order;
    }

    /** @param non-empty-array<string, array<string, true>> $waiting */
    private function next(array $waiting): string
    {
        $best = null;
        foreach ($waiting as $step => $before) {
            if ($before === [] && ($best === null || $this->phases[$step]->value < $this->phases[$best]->value)) {
                $best = $step;
            }
        }

        return $best ?? throw StepsGoInCircles::among(array_map(strval(...), array_keys($waiting)));
    }
}
