<?php

declare(strict_types=1);

namespace App\Planning;

use App\Drawing\Prints;
use App\Drawing\ShelfDrawing;
use Ephemeron\WorkPlan;

/** All that the shelf shows of a book; kept, so that the shelf plans nothing. */
final readonly class ShelfSummary
{
    private function __construct(
        public string $structure,
        public string $unit,
        public int $pieces,
        private int $sheets,
        private int $leftovers,
        private int $missing,
        public bool $stops,
        public float $share,
        public string $words,
        public string $drawing,
    ) {
    }

    public static function of(WorkPlan $plan, Progress $progress): self
    {
        return new self(
            $plan->structure->about()->name,
            $plan->design->unit->label(),
            $plan->pieces(),
            $plan->sheets(),
            $plan->leftovers(),
            $plan->missing(),
            $plan->report->stops(),
            $progress->share(),
            $progress->words(),
            (new ShelfDrawing($plan, Prints::of($plan)))->draw()->inline(),
        );
    }

    public function sheets(): int
    {
        return $this->sheets;
    }

    public function leftovers(): int
    {
        return $this->leftovers;
    }

    public function missing(): int
    {
        return $this->missing;
    }
}
