<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Part;
use Ephemeron\WorkPlan;

/** What an edit did to the work: said in a few sentences, so that a setting can be judged by what it turns. */
final readonly class WhatChanged
{
    private const MOST_SIZES = 4;

    public function __construct(private WorkPlan $before, private WorkPlan $after)
    {
    }

    /** @return list<string> */
    public function sentences(): array
    {
        return array_values(array_filter([...$this->sizes(), $this->gone(), $this->order(), $this->adhesives()]));
    }

    /** @return list<string> pieces that are there before and after, of another size */
    private function sizes(): array
    {
        $notation = $this->after->notation();
        $changed = [];
        foreach ($this->after->blueprint->parts as $key => $part) {
            $was = $this->before->blueprint->parts[$key] ?? null;
            if ($was !== null && ! $was->size->equals($part->size)) {
                $changed[] = "{$part->name} {$notation->size($was->size)} → {$notation->size($part->size)}";
            }
        }
        $more = count($changed) - self::MOST_SIZES;

        return $more > 0 ? [...array_slice($changed, 0, self::MOST_SIZES), "{$more} more sizes"] : $changed;
    }

    private function gone(): ?string
    {
        $names = static fn (WorkPlan $plan): array => array_values(
            array_unique(array_map(static fn (Part $part): string => $part->called(), array_values($plan->blueprint->parts))),
        );
        $new = array_diff($names($this->after), $names($this->before));
        $gone = array_diff($names($this->before), $names($this->after));
        $said = array_filter([
            $new === [] ? null : 'new: '.implode(', ', array_slice($new, 0, 4)),
            $gone === [] ? null : 'no more: '.implode(', ', array_slice($gone, 0, 4)),
        ]);

        return $said === [] ? null : implode('; ', $said);
    }

    private function order(): ?string
    {
        $keys = static fn (WorkPlan $plan): array => array_map(static fn (Step $step): string => $step->key, $plan->steps);
        [$before, $after] = [$keys($this->before), $keys($this->after)];
        $common = array_values(array_intersect($after, $before));
        $was = array_values(array_intersect($before, $after));
        $moved = count(array_filter($common, static fn (string $key, int $index): bool => $was[$index] !== $key, ARRAY_FILTER_USE_BOTH));

        return $moved === 0 ? null : "{$moved} steps come at another time";
    }

    private function adhesives(): ?string
    {
        $was = [];
        foreach ($this->before->steps as $step) {
            $was[$step->key] = $step->adhesive;
        }
        $changed = count(
            array_filter(
                $this->after->steps,
                static fn (Step $step): bool => isset($was[$step->key]) && $was[$step->key] !== $step->adhesive,
            ),
        );

        return $changed === 0 ? null : "{$changed} steps are glued in another way";
    }
}
