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
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
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

    public function __invoke(Request $request, Project $project, LaidBy $laidBy): View|RedirectResponse
    {
        $plan = $this->plans->plan($project);
        $progress = new Progress($project, $plan);
        $asked = $request->query('sheet');
        if ($project->host !== null) {
            $sheet = is_string($asked) ? $asked : InHand::of($plan, $progress, null)?->step->key;

            return redirect()->route('cut', ['project' => $project->host, ...($sheet === null ? [] : ['sheet' => $sheet])]);
        }

        return view('cut', [
            ...$this->sheets($project, $plan, $progress, is_string($asked) ? $asked : null),
            'progress' => $progress,
            'handDrawing' => new SheetInHand,
            'searches' => $project->searches->keyBy('key'),
            'allowance' => $this->allowance->kept(),
            'changed' => $this->changed->since($project, $plan),
            'becomes' => new CutPiecesInWords($plan),
            'laidBy' => $laidBy,
            'atOnce' => $request->boolean('all') ? PHP_INT_MAX : self::AT_ONCE,
        ]);
    }

    /** What is in hand after a tick, and the few marks elsewhere that it has changed; the whole page where nothing is in hand any more. */
    public function next(Project $project, WorkPlan $plan, string $ticked): View|Response
    {
        $progress = new Progress($project, $plan);
        // One goes on with the sheet that is begun.
        $sheets = $this->sheets($project, $plan, $progress, $ticked);
        if ($sheets['hand'] === null) {
            return self::whole($project);
        }

        return view('cut.next', [
            ...$sheets,
            'progress' => $progress,
            'handDrawing' => new SheetInHand,
            'allowance' => $this->allowance->kept(),
            'finished' => $sheets['hand']->step->key === $ticked ? [] : $this->pattern($plan, $ticked),
        ]);
    }

    /** Asks the page, of which only a part was to change, to come anew as a whole. */
    public static function whole(Project $project): Response
    {
        $page = json_encode(['path' => route('cut', $project), 'target' => '#stage', 'select' => '#stage', 'swap' => 'outerHTML']);

        return response('', headers: ['HX-Location' => (string) $page]);
    }

    /** One sheet of the plan, for the page it comes to stand on. */
    public function later(Project $project, string $key): View
    {
        $plan = $this->plans->plan($project);
        $pattern = $this->pattern($plan, $key);
        abort_if($pattern === [], 404);

        return view('cut.pattern', [...$this->sheets($project, $plan, new Progress($project, $plan)), ...$pattern]);
    }

    /** @return array<string, mixed> the sheet of this key, and where in the plan it is; nothing where there is none */
    private function pattern(WorkPlan $plan, string $key): array
    {
        foreach ($plan->stocks as $stockIndex => $stock) {
            foreach ($stock->cuts->patterns as $index => $pattern) {
                if ($pattern->key === $key) {
                    return compact('stock', 'stockIndex', 'pattern', 'index');
                }
            }
        }

        return [];
    }

    /** @return array{hand: InHand|null}&array<string, mixed> what every sheet on the page is drawn and told with */
    private function sheets(Project $project, WorkPlan $plan, Progress $progress, ?string $asked = null): array
    {
        return [
            'project' => $project,
            'plan' => $plan,
            'hand' => InHand::of($plan, $progress, $asked),
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
