<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\WorkPlan;

/** Pictures that the drawer has of what a plan is cut from. */
final readonly class Pictures
{
    /** @param array<int, Pictured> $known by their number in the drawer */
    private function __construct(private array $known)
    {
    }

    public static function of(WorkPlan $plan): self
    {
        $keys = [];
        foreach ($plan->stocks as $stock) {
            foreach ($stock->cuts->patterns as $pattern) {
                $keys[$pattern->supply->key] = (int) $pattern->supply->key;
            }
        }
        $known = [];
        foreach (Paper::query()->findMany(array_filter($keys)) as $paper) {
            if ($paper->picture !== null) {
                $known[$paper->id] = self::pictured($paper);
            }
        }

        return new self($known);
    }

    public function for(SheetPattern $pattern): ?Pictured
    {
        return $this->known[(int) $pattern->supply->key] ?? null;
    }

    /** A leftover shows the part of the picture it was cut from. */
    private static function pictured(Paper $paper): Pictured
    {
        $sheet = $paper->kind === 'leftover' && $paper->parent_id !== null ? Paper::query()->find($paper->parent_id) ?? $paper : $paper;

        return new Pictured(
            route('papers.picture', $paper, false),
            Rectangle::at(
                Length::zero()->minus(Length::ofTicks($paper->cut_left)),
                Length::zero()->minus(Length::ofTicks($paper->cut_top)),
                $sheet->size(),
            ),
        );
    }
}
