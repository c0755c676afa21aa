<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Blueprint\Filling;
use Ephemeron\Measure\Length;
use Ephemeron\WorkPlan;

/** What a plan comes to, in numbers that can be set beside those of another. */
final readonly class Tally
{
    /**
     * @param array<string, int> $sheets by paper
     * @param array<string, int> $photos by size, each as if the book held only that size
     */
    private function __construct(
        public int $pieces,
        public array $sheets,
        public array $photos,
        public int $cards,
        public Length $thickness,
        public int $steps,
    ) {
    }

    public static function of(WorkPlan $plan): self
    {
        $sheets = [];
        foreach ($plan->stocks as $stock) {
            $sheets[$stock->stock->name] = ($sheets[$stock->stock->name] ?? 0) + $stock->cuts->sheets();
        }
        $photos = [];
        foreach ($plan->photos as $count) {
            $photos[$count->photo->label()] = $count->total();
        }

        return new self(
            $plan->pieces(),
            $sheets,
            $photos,
            count($plan->blueprint->all(Filling::class)),
            $plan->thickness(true),
            count($plan->steps),
        );
    }

    public function sheetsInAll(): int
    {
        return array_sum($this->sheets);
    }
}
