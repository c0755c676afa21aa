<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TogetherRequest;
use App\Models\Project;
use App\Planning\DayPlan;
use App\Planning\Plans;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Fit\CutTogether;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\View\View;

/** Several books in one go, each in its own papers: what they share is cut together. */
final readonly class TogetherController
{
    public function __construct(private Plans $plans, private CutPlanner $planner)
    {
    }

    public function __invoke(TogetherRequest $request): View
    {
        $shelf = Project::query()->where('copies', 1)->get()->sortBy('name', SORT_NATURAL | SORT_FLAG_CASE);
        $plans = [];
        foreach ($request->counts() as $id => $count) {
            $project = $shelf->firstWhere('id', $id);
            $plan = $project instanceof Project ? $this->plan($project, $count) : null;
            if ($project instanceof Project && $plan !== null) {
                $plans[] = [$project, $count, $plan];
            }
        }
        $stocks = array_map(static fn (array $each): array => $each[2]->stocks, $plans);

        return view('together', [
            'shelf' => $shelf,
            'asked' => is_array($request->query('books')) ? $request->query('books') : [],
            'complaints' => $request->complaints(),
            'plans' => $plans,
            'together' => $plans === [] ? [] : CutTogether::of($stocks, $this->planner, $plans[0][2]->trimmer()),
            'evenings' => $plans === [] ? [] : DayPlan::ofAll(array_map(static fn (array $each): array => [$each[2], $each[1]], $plans)),
            'drawing' => new CutSheetsSvg,
        ]);
    }

    private function plan(Project $project, int $count): ?WorkPlan
    {
        try {
            return $this->plans->together($project, $count);
        } catch (InvalidDesign) {
            // The shelf says what is wrong with it.
            return null;
        }
    }
}
