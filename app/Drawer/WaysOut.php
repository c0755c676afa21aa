<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Project;
use App\Planning\Plans;
use Ephemeron\Design\MatSchool;
use Ephemeron\Drawer\Wishes;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;
use Ephemeron\WorkPlan;

/**
 * What can be done when a pattern runs out: another paper of the drawer, or smaller mats on a plain base. Each way has been tried before
 * it is proposed.
 */
final readonly class WaysOut
{
    private const MATS = [StockRole::MatTop->value, StockRole::MatBase->value, StockRole::MatOther->value, StockRole::CoverPaper->value];

    public function __construct(private Plans $plans, private PapersForBook $papers, private MakingDo $makingDo)
    {
    }

    /** @return list<array{string, list<Mend>}> for every paper that runs out: which pieces are left without, and the ways out */
    public function of(Project $project, WorkPlan $plan): array
    {
        $ways = [];
        foreach ($plan->stocks as $stock) {
            $missing = array_diff_key($stock->cuts->missing, array_flip($stock->cuts->oversize));
            if ($missing === []) {
                continue;
            }
            $pieces = implode(
                ', ',
                array_map(static fn (string|int $letter, int $count): string => "{$count} of {$letter}", array_keys($missing), $missing),
            );
            $ways[] = [
                "{$stock->stock->name} runs out; left without: {$pieces}.",
                [
                    ...$this->makingDo->with($project, $plan, $stock),
                    ...$this->smallerMats($project, $stock),
                    ...$this->substitutes($project, $stock),
                ],
            ];
        }

        return $ways;
    }

    /** @return list<Mend> */
    private function smallerMats(Project $project, StockPlan $stock): array
    {
        if (array_intersect($stock->roles, self::MATS) === []) {
            return [];
        }
        $design = $this->plans->design($project);
        $schools = array_filter(
            MatSchool::cases(),
            static fn (MatSchool $school): bool => $school->border($design->unit)->plus($school->inner($design->unit))->isMoreThan(
                $design->mats->school->border($design->unit)->plus($design->mats->school->inner($design->unit)),
            ),
        );
        $mends = [];
        foreach ($schools as $school) {
            $changes = ['mats.school' => $school->value];
            $mends[] = $this->tried($project, new Mend("Smaller mats: {$school->label()}", $changes), $stock);
        }
        if ($design->mats->layers === 1 && in_array(StockRole::MatBase->value, $stock->roles, true)) {
            $mends[] = $this->tried(
                $project,
                new Mend(
                    'Smaller mats of it on a plain base',
                    ['mats.layers' => 2, ...$this->movedUp($stock->stock, $design->materials[StockRole::InsertCard->value])],
                ),
                $stock,
            );
        }

        return array_values(array_filter($mends));
    }

    /**
     * The pattern becomes the second mat, and plain card the first.
     *
     * @return array<string, string|int|null>
     */
    private function movedUp(Stock $pattern, Stock $plain): array
    {
        $changes = [];
        foreach ([StockRole::MatTop->value => $pattern, StockRole::MatBase->value => $plain] as $role => $stock) {
            $changes += [
                "materials.{$role}.name" => $stock->name,
                "materials.{$role}.sheet" => 'own',
                "materials.{$role}.width" => "{$stock->sheet->width->inMillimetres()} mm",
                "materials.{$role}.height" => "{$stock->sheet->height->inMillimetres()} mm",
                "materials.{$role}.weight" => $stock->grammage->exact(),
                "materials.{$role}.count" => $stock->available ?? '',
                "materials.{$role}.drawer" => $stock->drawer ?? '',
            ];
        }

        return $changes;
    }

    /** @return list<Mend> */
    private function substitutes(Project $project, StockPlan $stock): array
    {
        $mends = [];
        foreach ($this->papers->propose($project, new Wishes(cover: false, facing: false))[1] as $proposal) {
            if ($proposal->offer === null || ! in_array($proposal->role->value, $stock->roles, true)
                || $proposal->offer->id === $stock->stock->drawer) {
                continue;
            }
            $mends[] = new Mend(
                "{$proposal->offer->stock->name} for {$this->lower($proposal->role)} instead",
                ["take.{$proposal->role->value}" => $proposal->offer->id],
            );
        }

        return $mends;
    }

    private function lower(StockRole $role): string
    {
        return lcfirst($role->label());
    }

    /** Null where it would not do. */
    private function tried(Project $project, Mend $mend, StockPlan $stock): ?Mend
    {
        try {
            $plan = $this->plans->tried($project, $mend->changes);
        } catch (InvalidDesign) {
            return null;
        }
        $before = array_sum($stock->cuts->missing);
        $after = 0;
        foreach ($plan->stocks as $each) {
            $after += array_sum($each->cuts->missing);
        }

        return $after < $before && $after === 0 ? $mend : null;
    }
}
