<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\CutWork;
use Ephemeron\Cutting\PatternKeys;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Format\CutWorkJson;
use Illuminate\Support\Facades\DB;

/**
 * Once, sheets were known by their position, `cut-mat-base-1`, and plans found by a longer look were kept as objects. This gives the
 * sheets of begun books the names they have now, keeps the plans they were begun with, and writes kept plans as text.
 */
final readonly class CutSheetsByPosition
{
    private const KEYED = ['ticks' => 'key', 'offcut_choices' => 'step', 'paper_movements' => 'step', 'notes' => 'step'];

    public function __construct(private Plans $plans, private CutWorkJson $json)
    {
    }

    public function name(): void
    {
        foreach (Project::query()->withoutGlobalScopes()->with('searches')->get() as $project) {
            $looked = $this->looked($project);
            try {
                $plan = $this->plans->together($project, 1);
            } catch (\Throwable) {
                // What cannot be read has no sheets to name.
                continue;
            }
            foreach ($plan->stocks as $stock) {
                $this->nameSheets($project, $stock, $this->planOf($stock, $looked));
            }
        }
    }

    /** @return list<CutPlan> that longer looks had found and the book is cut by */
    private function looked(Project $project): array
    {
        $plans = [];
        foreach ($project->searches as $search) {
            if ($search->plan === null) {
                continue;
            }
            // The price of a sheet was kept in hundredths then.
            $old = unserialize(str_replace('s:5:"cents"', 's:5:"mills"', (string) base64_decode($search->plan, true)));
            $plan = $old instanceof CutPlan ? $this->remade($old) : null;
            $search->update(['plan' => $plan === null ? null : $this->json->writePlan($plan)]);
            if ($plan !== null && $search->taken) {
                $plans[] = $plan;
            }
        }

        return $plans;
    }

    /** What was kept does not know yet that sheets have names. */
    private function remade(CutPlan $old): CutPlan
    {
        $sheets = array_map(
            static fn (SheetPattern $sheet): SheetPattern => new SheetPattern(
                $sheet->supply->at($sheet->supply->mills * 10),
                $sheet->count,
                $sheet->tree,
                $sheet->gives,
            ),
            $old->patterns,
        );

        return new CutPlan($sheets, $old->lowerBound, $old->missing, $old->oversize, $old->loosePins);
    }

    /** @param list<CutPlan> $looked */
    private function planOf(StockPlan $stock, array $looked): CutPlan
    {
        $wanted = [];
        foreach ($stock->demands as $demand) {
            $wanted[$demand->key] = $demand->quantity;
        }
        foreach ($looked as $plan) {
            $given = [];
            foreach ($plan->patterns as $sheet) {
                foreach ($sheet->gives as $letter => $count) {
                    $given[$letter] = ($given[$letter] ?? 0) + $count;
                }
            }
            if ($given == $wanted) {
                return (new PatternKeys($stock->stock->identity()))->name($plan);
            }
        }

        return $stock->cuts;
    }

    private function nameSheets(Project $project, StockPlan $stock, CutPlan $plan): void
    {
        $begun = false;
        foreach ($plan->patterns as $index => $sheet) {
            $was = "cut-{$stock->roles[0]}-".($index + 1);
            $begun = $begun || DB::table('ticks')->where('project_id', $project->id)->where(
                static fn ($ticks) => $ticks->where('key', $was)->orWhere('key', 'like', "{$was}#%"),
            )->exists();
            foreach (self::KEYED as $table => $column) {
                foreach (DB::table($table)->where('project_id', $project->id)->where(
                    static fn ($rows) => $rows->where($column, $was)->orWhere($column, 'like', "{$was}#%"),
                )->get(['id', $column]) as $row) {
                    DB::table($table)->where('id', $row->id)->update(
                        [$column => $sheet->key.substr((string) $row->{$column}, strlen($was))],
                    );
                }
            }
        }
        if ($begun) {
            $work = new CutWork($stock->stock->identity(), $stock->stock->name, $stock->roles, $stock->demands, $plan);
            $project->cutWorks()->create(['plan' => $this->json->write($work)]);
        }
    }
}
