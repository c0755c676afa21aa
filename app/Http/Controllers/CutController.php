<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\DrawerChanged;
use App\Drawer\Pictures;
use App\Drawer\WorthKeeping;
use App\Drawing\SheetInHand;
use App\Models\Project;
use App\Planning\CutPiecesInWords;
use App\Planning\InHand;
use App\Planning\LaidBy;
use App\Planning\OwnAllowance;
use App\Planning\PinnedSheets;
use App\Planning\Plans;
use App\Planning\Progress;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

final readonly class CutController
{
    /** Sheets that stand on the page when it comes; those further down follow when they are looked at. */
    private const AT_ONCE = 3;

    public function __construct(
        private WorthKeeping $keeping,
        private DrawerChanged $changed,
        private OwnAllowance $allowance,
        private Plans $plans,
    ) {
    }

    public function __invoke(Request $request, Project $project, LaidBy $laidBy): View
    {
        $plan = $this->plans->plan($project);
        $progress = new Progress($project, $plan);

        return view('cut', [
            ...$this->sheets($request, $project, $plan, $progress),
            'progress' => $progress,
            'handDrawing' => new SheetInHand,
            'searches' => $project->searches->keyBy('key'),
            'bench' => new TrimmerBench($plan->trimmer()),
            'allowance' => $this->allowance->kept(),
            'changed' => $this->changed->since($project, $plan),
            'becomes' => new CutPiecesInWords($plan),
            'laidBy' => $laidBy,
            'atOnce' => $request->boolean('all') ? PHP_INT_MAX : self::AT_ONCE,
        ]);
    }

    /** One sheet of the plan, for the page it comes to stand on. */
    public function pattern(Request $request, Project $project, string $key): View
    {
        $plan = $this->plans->plan($project);
        foreach ($plan->stocks as $stockIndex => $stock) {
            foreach ($stock->cuts->patterns as $index => $pattern) {
                if ($pattern->key === $key) {
                    $sheets = $this->sheets($request, $project, $plan, new Progress($project, $plan));

                    return view('cut.pattern', [...$sheets, ...compact('stock', 'stockIndex', 'pattern', 'index')]);
                }
            }
        }
        abort(404);
    }

    /** @return array<string, mixed> what every sheet on the page is drawn and told with */
    private function sheets(Request $request, Project $project, WorkPlan $plan, Progress $progress): array
    {
        $asked = $request->query('sheet');

        return [
            'project' => $project,
            'plan' => $plan,
            'hand' => InHand::of($plan, $progress, is_string($asked) ? $asked : null),
            'pins' => new PinnedSheets($plan),
            'trimmer' => $plan->trimmer(),
            'keeping' => $this->keeping,
            'choices' => $project->offcutChoices->groupBy('step')->map(
                static fn (Collection $choices): array => $choices->pluck('keep', 'offcut')->all(),
            ),
            'drawing' => new CutSheetsSvg,
            'pictures' => Pictures::of($plan),
        ];
    }
}
